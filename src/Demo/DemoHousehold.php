<?php

declare(strict_types=1);

namespace Pindle\App\Demo;

use Pindle\App\Content\ThingFile;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Child\Child;
use Pindle\Core\Printable\MadeState;
use Pindle\Core\Printable\SheetKind;
use Pindle\Core\Simulation\SimulatedParent;
use Pindle\Core\Thing\Thing;

/** The sample household: a made-up household on a canal boat, and what lies in their cupboard. */
final readonly class DemoHousehold
{
    /** Things of the shipped list and how many the boat has. */
    private const CUPBOARD = [
        'corks' => 18, 'clothes-pegs' => 36, 'rope-rings' => 8, 'teaspoons' => 10, 'bottle-caps' => 30, 'curtain-hooks' => 24, 'pasta-tubes' => 60,
        'buttons' => 40, 'pebbles' => 22, 'jar-lids' => 24, 'cups' => 12, 'socks' => 20, 'wooden-spoons' => 5, 'crayons' => 14, 'lolly-sticks' => 40,
        'wooden-blocks' => 24, 'walnuts' => 16, 'coins' => 20,
    ];

    public function __construct(private ThingFile $file)
    {
    }

    /** @return list<Child> eldest first; ages follow the date, so that the household never grows up */
    public function children(LocalDate $today): array
    {
        $born = static fn (int $months): LocalDate => $today->plusDays(-(int) round($months * 30.44) - 5);

        return [
            new Child(
                '0197a000-0000-7000-8000-000000000001',
                'Maren',
                $born(78),
                likedThings: [self::id('bottle-caps'), self::id('coins')],
                minutesADay: 30,
                longestSitting: 15,
            ),
            new Child('0197a000-0000-7000-8000-000000000002', 'Tobin', $born(54), likedThings: [self::id('clothes-pegs')], minutesADay: 24, longestSitting: 12),
            new Child(
                '0197a000-0000-7000-8000-000000000003',
                'Lark',
                $born(30),
                allergies: ['nuts'],
                likedThings: [self::id('socks')],
                rests: [new Span(765, 870)],
                minutesADay: 10,
                longestSitting: 6,
            ),
        ];
    }

    /** @return list<array<string, string>> setting => answer chosen for each child, in the same order */
    public function settings(): array
    {
        return [[], ['way-in' => 'touch-and-count'], ['way-in' => 'move-and-tell']];
    }

    /** @return list<SimulatedParent> how what each child did was noted, in the same order: with the little one nobody has a hand free to tap */
    public function noting(): array
    {
        return [SimulatedParent::TapsAll, SimulatedParent::TapsAll, SimulatedParent::OnlyCloses];
    }

    /** @return array<string, Thing> shipped id => the thing with its own id and the boat's amount */
    public function things(): array
    {
        $things = [];
        foreach (self::CUPBOARD as $shippedId => $amount) {
            $shipped = $this->file->things()[$shippedId] ?? throw new \LogicException(\sprintf('"%s" is not on the list of ordinary things.', $shippedId));
            $things[$shippedId] = $shipped->identified(self::id($shippedId))->counted($amount);
        }

        return $things;
    }

    /**
     * @return list<array{SheetKind, int, MadeState, string, int, string|null}> sheet, how far, how it is, where, pages done, and the shipped id of
     * what lies on it
     */
    public function made(): array
    {
        return [
            [SheetKind::NumeralCards, 20, MadeState::Made, 'blue tin under the bench', 0, null],
            [SheetKind::TurningSign, 10, MadeState::Made, 'blue tin under the bench', 0, null],
            [SheetKind::Frame, 10, MadeState::HalfMade, 'map drawer', 1, 'jar-lids'],
            [SheetKind::Line, 20, MadeState::WornOut, 'map drawer', 0, 'bottle-caps'],
        ];
    }

    private static function id(string $shippedId): string
    {
        return '0197a000-0000-7000-8000-0000'.substr(hash('xxh3', $shippedId), 0, 8);
    }
}
