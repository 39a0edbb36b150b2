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
        ['Caution'],
        ['Evidence'],
        ['Question'],
        ['Activity'],
        ['Drawing'],
        ['Scene'],
        ['Printable'],
        ['Advice'],
        ['Planning'],
        ['FirstLook'],
        ['Journal'],
        ['Simulation'],
    ];

    /** The floors of src, from the ground up: each may use those below it and itself. */
    private const FLOORS = ['Platform', 'Content', 'Household', 'Record', 'Plan', 'Exchange', 'Views', 'Rooms'];

    private const ROOMS = ['Today', 'Table', 'Children', 'Cupboard', 'Map', 'Activities', 'House', 'Evening', 'Week', 'Make', 'Journal'];

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
                        ->classes(...array_map(
                            static fn (string $other): SelectorInterface => Selector::inNamespace('Pindle\Core\\'.$other),
                            array_values($later),
                        ))
                        ->because('core is ordered by what knows what');
                }
            }
        }
    }

    /** @return iterable<string, Rule> */
    #[TestRule]
    public function a_floor_uses_only_what_stands_below_it(): iterable
    {
        foreach (self::FLOORS as $i => $floor) {
            $above = [...\array_slice(self::FLOORS, $i + 1), 'Demo'];
            yield $floor => PHPat::rule()
                ->classes(Selector::inNamespace('Pindle\App\\'.$floor))
                ->shouldNotDependOn()
                ->classes(...array_map(static fn (string $other): SelectorInterface => Selector::inNamespace('Pindle\App\\'.$other), $above))
                ->because('floors stand on one another, never the other way round');
        }
    }

    /** @return iterable<string, Rule> */
    #[TestRule]
    public function no_room_uses_a_room(): iterable
    {
        foreach (self::ROOMS as $room) {
            yield $room => PHPat::rule()
                ->classes(Selector::inNamespace('Pindle\App\Rooms\\'.$room))
                ->shouldNotDependOn()
                ->classes(...array_map(
                    static fn (string $other): SelectorInterface => Selector::inNamespace('Pindle\App\Rooms\\'.$other),
                    array_values(array_diff(self::ROOMS, [$room])),
                ))
                ->because('rooms are leaves: what two need stands beneath them');
        }
    }
}
