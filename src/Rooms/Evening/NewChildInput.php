<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Evening;

use Symfony\Component\Validator\Constraints as Assert;

/** A first name and a birthday: enough to begin. */
final readonly class NewChildInput
{
    public function __construct(
        #[Assert\NotBlank(message: 'What is your child called?', normalizer: 'trim')]
        #[Assert\Length(max: 60)]
        public string $name,
        #[Assert\NotBlank(message: 'When was your child born?')]
        #[Assert\Date(message: 'A birthday is a day, like 2021-06-30.')]
        public string $born,
    ) {
    }
}
