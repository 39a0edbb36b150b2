<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Activities;

use Symfony\Component\Validator\Constraints as Assert;

/** An activity of one's own, as text in the shape of the files in content/activities. */
final readonly class OwnActivityInput
{
    public function __construct(
        #[Assert\NotBlank(message: 'Nothing is written here.', normalizer: 'trim')]
        #[Assert\Length(max: OwnText::BYTES, charset: '8bit', maxMessage: 'That is too long for one activity.')]
        public string $text,
        public ?int $version = null,
    ) {
    }
}
