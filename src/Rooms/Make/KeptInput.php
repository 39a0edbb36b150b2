<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Make;

use Pindle\App\Platform\Http\Name;
use Pindle\Core\Printable\MadeState;
use Pindle\Core\Printable\SheetKind;
use Symfony\Component\Validator\Constraints as Assert;

/** That something is made, or how far it is, and where it is kept. */
final readonly class KeptInput
{
    /** @param SheetKind|null $kind what was printed; null where it was made without a sheet */
    public function __construct(
        public MadeState $state,
        public ?SheetKind $kind = null,
        #[Assert\Valid]
        public SheetQuery $as = new SheetQuery(),
        #[Assert\Length(max: 60, maxMessage: 'A place is up to 60 letters.')]
        #[Assert\Regex(Name::UNPRINTABLE, match: false, message: 'There is a letter in it that cannot be shown.')]
        public ?string $keptAt = null,
        #[Assert\Range(min: 0, max: 200, notInRangeMessage: 'Pages are counted from 0 to 200.')]
        public int $pagesDone = 0,
    ) {
    }
}
