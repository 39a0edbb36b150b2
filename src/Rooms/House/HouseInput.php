<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\House;

use Pindle\App\Platform\Http\KnownSettings;
use Pindle\Core\Activity\HouseRule;
use Symfony\Component\Validator\Constraints as Assert;

/** What the whole house chooses, with the version last seen. */
final readonly class HouseInput
{
    /**
     * @param array<string, string> $settings setting => answer; what is left out has its default
     * @param list<string>          $rules    what the house does without
     * @param string                $coins    what it pays with, like "1, 2, 5 x 4"; empty for play coins
     */
    public function __construct(
        #[KnownSettings]
        public array $settings,
        #[Assert\PositiveOrZero]
        public int $version,
        #[Assert\Unique(message: 'A rule is there once.')]
        #[Assert\Choice(callback: [self::class, 'rules'], multiple: true, multipleMessage: 'There is no such rule.')]
        public array $rules = [],
        #[Assert\Length(max: 200)]
        public string $coins = '',
    ) {
    }

    /** @return list<string> */
    public static function rules(): array
    {
        return array_map(static fn (HouseRule $rule): string => $rule->value, HouseRule::cases());
    }
}
