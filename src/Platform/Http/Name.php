<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Http;

use Symfony\Component\Validator\Constraints as Assert;

/** What someone or something is called: at most 60 letters, at least one of them to be seen, and no HTML. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final class Name extends Assert\Compound
{
    /** Controls, line ends and what turns the direction of writing. */
    public const UNPRINTABLE = '/[\x{0}-\x{1f}\x{7f}-\x{9f}\x{2028}-\x{202e}\x{2066}-\x{2069}\x{feff}]/u';

    public function __construct(public readonly string $none)
    {
        parent::__construct();
    }

    protected function getConstraints(array $options): array
    {
        return [new Assert\Sequentially([
            new Assert\NotBlank(message: $this->none, normalizer: 'trim'),
            new Assert\Length(max: 60, maxMessage: 'A name has at most 60 letters.'),
            new Assert\Regex('/[\p{L}\p{N}]/u', message: $this->none),
            new Assert\Regex('/[<>]/', match: false, message: 'A name has no < or > in it.'),
            new Assert\Regex(self::UNPRINTABLE, match: false, message: 'There is a letter in it that cannot be shown.'),
        ])];
    }
}
