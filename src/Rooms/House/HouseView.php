<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\House;

/** The house: today's date, where the household's data lives, whether this is the demo, and what the house has chosen. */
final readonly class HouseView
{
    /**
     * @param array<string, string> $settings  setting => answer chosen for the house
     * @param list<SettingView>     $questions all there are to choose
     * @param list<string>          $rules     what the house does without
     * @param list<RuleView>        $allRules  what it may do without
     * @param list<SetAsideView>    $setAside  what was stored and could not be read
     */
    public function __construct(
        public string $today,
        public string $zone,
        /** Whether the household chose it; else it is the machine's. */
        public bool $zoneChosen,
        public string $data,
        public bool $demo,
        public string $release,
        public array $settings,
        public array $questions,
        public array $rules,
        public array $allRules,
        public string $coins,
        public int $version,
        public array $setAside,
    ) {
    }
}
