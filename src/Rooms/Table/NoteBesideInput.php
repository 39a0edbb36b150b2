<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Table;

use Symfony\Component\Validator\Constraints as Assert;

/** What the parent writes down beside what is on the table. */
final readonly class NoteBesideInput
{
    public function __construct(
        #[Assert\Length(max: 500, maxMessage: 'A note has at most 500 letters.')]
        #[Assert\Regex('/[\x{0}-\x{9}\x{b}-\x{1f}\x{7f}-\x{9f}\x{202a}-\x{202e}]/u', match: false, message: 'There is a letter in it that cannot be shown.')]
        public string $note,
    ) {
    }
}
