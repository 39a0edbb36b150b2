<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\House;

use Pindle\App\Platform\Http\Name;
use Pindle\App\Platform\Lock\Lock;
use Symfony\Component\Validator\Constraints as Assert;

/** A device that signs in: with the passphrase as the parent's, or with a pairing code for the table. */
final readonly class SignInInput
{
    public function __construct(
        #[Name('What shall this device be called?')]
        public string $name,
        #[\SensitiveParameter]
        #[Assert\Length(max: Lock::LONGEST, maxMessage: 'That is not the passphrase.')]
        public ?string $passphrase = null,
        #[\SensitiveParameter]
        #[Assert\Length(max: 40, maxMessage: 'That is not the code.')]
        public ?string $code = null,
    ) {
    }
}
