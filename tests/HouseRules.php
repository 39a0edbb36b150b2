<?php

declare(strict_types=1);

namespace Pindle\Tests;

use PHPat\Selector\Selector;
use PHPat\Selector\SelectorInterface;
use PHPat\Test\Attributes\TestRule;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** The house rules of docs/decisions/0001: what may know what. PHPStan proves them. */
final class HouseRules
{
    /** The folders of core, from the ground up: each may use those of earlier groups and itself. */
    private const CORE = [
        ['Calendar'],
        ['Child', 'Skill', 'Thing'],
        ['Evidence', 'Caution'],
        ['Activity'],
        ['Question'],
        ['Scene', 'Advice'],
        ['Planning', 'FirstLook'],
        ['Simulation'],
    ];

    private const ROOMS = ['Today', 'Table', 'Children', 'Cupboard', 'Map', 'Families', 'House', 'Demo'];

    #[TestRule]
    public function core_uses_nothing_but_php_and_itself(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Pindle\Core'))
            ->canOnlyDependOn()
            ->classes(Selector::inNamespace('Pindle\Core'), Selector::isStandardClass(), Selector::inNamespace('Random'))
            ->because('the rules of the job outlive every framework');
    }

    /** @return iterable<string, Rule> */
    #[TestRule]
    public function a_folder_of_core_uses_only_what_stands_before_it(): iterable
    {
        foreach (self::CORE as $i => $group) {
            foreach ($group as $folder) {
                $later = array_diff(array_merge(...\array_slice(self::CORE, $i)), [$folder]);
                if ([] !== $later) {
                    yield $folder => PHPat::rule()
                        ->classes(Selector::inNamespace('Pindle\Core\\'.$folder))
                        ->shouldNotDependOn()
                        ->classes(...array_map(static fn (string $other): SelectorInterface => Selector::inNamespace('Pindle\Core\\'.$other), array_values($later)))
                        ->because('core is ordered by what knows what');
                }
            }
        }
    }

    /** @return iterable<string, Rule> */
    #[TestRule]
    public function a_room_uses_another_room_only_by_its_door(): iterable
    {
        foreach (self::ROOMS as $room) {
            foreach (self::ROOMS as $other) {
                if ($other !== $room) {
                    yield $room.'-'.$other => PHPat::rule()
                        ->classes(Selector::inNamespace('Pindle\App\\'.$room))
                        ->shouldNotDependOn()
                        ->classes(Selector::inNamespace('Pindle\App\\'.$other))
                        ->excluding(
                            Selector::classname('Pindle\App\\'.$other.'\\'.$other.'Room'),
                            // What the door hands out.
                            Selector::classname('Pindle\App\Today\StoredSetUp'),
                            Selector::classname('Pindle\App\Today\StoredDecision'),
                        )
                        ->because('a room asks another by its door, the class that ends in Room');
                }
            }
        }
    }

    #[TestRule]
    public function the_platform_knows_no_rooms(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Pindle\App\Platform'))
            ->shouldNotDependOn()
            ->classes(...array_map(static fn (string $room): SelectorInterface => Selector::inNamespace('Pindle\App\\'.$room), self::ROOMS))
            ->because('rooms stand on the platform');
    }
}
