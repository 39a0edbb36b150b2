<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Child\ComparingSign;
use Pindle\Core\Question\Ask;

/** Numerals and signs: cards, tracks, lines with hops, signs, coins, bundles. */
final readonly class SignScenes extends Drawing
{
    /** Numeral cards: the one in question, or a few to choose from, with a gap where one is to be found. */
    public function cards(): Scene
    {
        $n = $this->number('n');
        $labels = match ($this->fact->ask) {
            Ask::FindNumeral => $this->among($n),
            Ask::After => [(string) $n, ''],
            Ask::Before => ['', (string) $n],
            Ask::Between => [(string) $this->number('a'), '', (string) $this->number('b')],
            Ask::PutInOrder => $this->muddled(),
            Ask::StageIt, Ask::WhatSign => [(string) $this->number('a'), Ask::WhatSign === $this->fact->ask ? '' : (2 === $this->number('sign') ? '−' : '+'), (string) $this->number('b'), '='],
            Ask::HowManyTo, Ask::OtherPart => [(string) $this->number('a'), '+', '', '=', (string) $n],
            Ask::Join, Ask::JoinSentence => [(string) $this->number('a'), '+', (string) $this->number('b'), '=', ''],
            Ask::BridgeTen => [(string) $this->number('a'), '+', (string) $this->number('b'), '=', ''],
            Ask::BridgeBack => [(string) $n, '−', (string) $this->number('b'), '=', ''],
            Ask::Take, Ask::TakeSentence => [(string) $n, '−', (string) $this->number('b'), '=', ''],
            Ask::SumAtOnce, Ask::AddZero, Ask::TurnAround, Ask::Double, Ask::NearDouble, Ask::AddOn, Ask::AddTwoFigure, Ask::HopOn => [(string) $this->number('a'), '+', (string) $this->number('b'), '=', ''],
            Ask::DifferenceAtOnce, Ask::TakeTwoFigure, Ask::HopBack => [(string) $n, '−', (string) $this->number('b'), '=', ''],
            Ask::CountUp => [(string) $n, '−', (string) $this->number('a'), '=', ''],
            Ask::TheRest, Ask::MissingChange => [(string) $this->number('a'), '+', '', '=', (string) $n],
            Ask::MissingStart => ['', '+', (string) $this->number('b'), '=', (string) $n],
            Ask::MakesWhole => [(string) $n, '=', (string) $this->number('a'), '+', ''],
            Ask::BothSides => [(string) $this->number('a'), '+', (string) $this->number('b'), '=', (string) $this->number('c'), '+', ''],
            Ask::ToNext => [(string) $n, '', (string) $this->number('to')],
            Ask::BalanceTo => [(string) $n, '=', ''],
            Ask::BalanceWhich, Ask::PutSign => [(string) $this->number('a'), '', (string) $this->number('b')],
            Ask::MakeTrue => [(string) $this->number('a'), '<', ''],
            Ask::EqualPiles => array_fill(0, $this->number('piles'), (string) $this->number('each')),
            Ask::CountBundles => array_map(static fn (int $ten): string => (string) (10 * $ten), range(1, min(3, $this->number('t')))),
            Ask::TenMore => [(string) $n, ''],
            Ask::TenFewer => ['', (string) $n],
            Ask::StairNext => [(string) $n, ''],
            Ask::StairBuild => array_map(strval(...), $this->random->shuffleArray(range(1, min(10, $n)))),
            Ask::HowManyMore => [(string) $this->number('a'), (string) $this->number('b')],
            Ask::OneMore => [(string) $n, ''],
            Ask::OneFewer => ['', (string) $n],
            default => [(string) $n],
        };
        $items = [];
        foreach ($labels as $i => $label) {
            $items[] = new Item('' === $label ? ItemKind::Gap : ItemKind::Card, ($i + 0.5) * 56.0, 34.0, 48.0, 60.0, null, $label);
        }
        $shown = array_values(array_filter($labels, static fn (string $label): bool => '' !== $label));

        return new Scene(\count($labels) * 56.0, 68.0, $items, 1 === \count($shown) ? 'card' : 'cards', ['shown' => implode(', ', $shown), 'n' => \count($shown)]);
    }

    /** @return list<string> the numeral among two others, in a mixed order */
    private function among(int $n): array
    {
        return array_map(strval(...), $this->random->shuffleArray([$n, $n + 1, $n > 0 ? $n - 1 : $n + 2]));
    }

    /** @return list<string> */
    private function muddled(): array
    {
        [$from, $gap] = [$this->number('from'), max(1, $this->number('gap'))];

        return array_map(strval(...), $this->random->shuffleArray([$from, $from + $gap, $from + 2 * $gap, $from + 3 * $gap]));
    }

    /** A stretch of numerals for saying on or back; the start is filled in, the others are places to point along. */
    public function track(): Scene
    {
        [$from, $to] = match ($this->fact->ask) {
            Ask::SayOn, Ask::SayBack => [$this->number('from'), $this->number('to')],
            Ask::CountIn => [$this->number('from'), $this->number('from') + 5],
            Ask::OneFewer => [$this->number('n'), max(0, $this->number('n') - 3)],
            Ask::OneMore => [$this->number('n'), $this->number('n') + 3],
            // How many claps there were is to be heard, not seen.
            Ask::CountMoves => [1, 10],
            default => [1, $this->number('n')],
        };
        $down = $to < $from;
        $count = min(12, abs($to - $from) + 1);
        $items = [];
        for ($i = 0; $i < $count; ++$i) {
            $items[] = new Item(ItemKind::Box, ($i + 0.5) * 30, 18.0, 28.0, 28.0, null, 0 === $i ? (string) $from : null);
        }

        return new Scene($count * 30.0, 36.0, $items, $down ? 'track-down' : 'track', ['from' => $from, 'to' => $to, 'n' => $this->number('n')]);
    }

    /** A number line with the start marked; the hops are the question. */
    public function hops(): Scene
    {
        $reach = max(10, (int) (10 * ceil(max($this->number('n'), $this->number('a') + $this->number('b')) / 10)));
        $step = 20 === $reach ? 18.0 : 28.0;
        $items = [new Item(ItemKind::Line, ($reach * $step) / 2 + 20, 46.0, $reach * $step, 0.0)];
        for ($i = 0; $i <= $reach; ++$i) {
            $items[] = new Item(ItemKind::Tick, 20 + $i * $step, 46.0, $step * 0.7, 10.0, null, (string) $i);
        }
        $back = \in_array($this->fact->ask, [Ask::Take, Ask::TakeSentence, Ask::HopBack, Ask::BridgeBack], true);
        $start = match (true) {
            $back, Ask::ToNext === $this->fact->ask => $this->number('n'),
            default => $this->number('a'),
        };
        for ($i = 0; $i < $this->number('b'); ++$i) {
            $items[] = new Item(ItemKind::Hop, 20 + ($start + ($back ? -$i - 0.5 : $i + 0.5)) * $step, 46.0, $step * ($back ? -1 : 1), 22.0, null, null, $i > 0);
        }
        $items[] = new Item(ItemKind::Thing, 20 + $start * $step, 34.0, 18.0, 18.0, $this->thing->glyph);
        // Where to get to, when the way is the question.
        $goal = match ($this->fact->ask) {
            Ask::CountUp => $this->number('n'),
            Ask::ToNext => $this->number('to'),
            default => null,
        };
        if (null !== $goal) {
            $items[] = new Item(ItemKind::Thing, 20 + $goal * $step, 34.0, 18.0, 18.0, $this->thing->glyph, null, true);
        }

        return new Scene($reach * $step + 40, 74.0, $items, $back ? 'hops-back' : 'hops', ['start' => $start, 'b' => $this->number('b'), 'reach' => $reach]);
    }

    /** Two amounts or numerals and the place for the sign between them; under it the signs to choose from, as the child is shown them. */
    public function sign(): Scene
    {
        [$a, $b] = [$this->number('a'), $this->number('b')];
        $cards = [new Item(ItemKind::Card, 30.0, 34.0, 48.0, 60.0, null, (string) $a), new Item(ItemKind::Gap, 90.0, 34.0, 48.0, 48.0, null, ''), new Item(ItemKind::Card, 150.0, 34.0, 48.0, 60.0, null, (string) $b)];
        $kind = match ($this->settings->comparingSign) {
            ComparingSign::OpenSide => ItemKind::Card,
            ComparingSign::AnimalMouth => ItemKind::Mouth,
            ComparingSign::Balance => ItemKind::Beam,
            ComparingSign::WordsOnly => null,
        };
        if (null !== $kind) {
            foreach (['<', '=', '>'] as $i => $sign) {
                $cards[] = new Item($kind, 30.0 + $i * 60.0, 104.0, 44.0, 44.0, null, $sign);
            }
        }

        return new Scene(180.0, null === $kind ? 68.0 : 130.0, $cards, 'sign', ['a' => $a, 'b' => $b]);
    }

    /** A price and coins to pay it with, more than are needed. */
    public function coins(): Scene
    {
        $n = $this->number('n');
        $items = [new Item(ItemKind::Card, 34.0, 34.0, 56.0, 56.0, null, (string) $n)];
        // Of one kind it may take many: one of each stands for its kind.
        $purse = Ask::MakeOneKind === $this->fact->ask ? [1, 2, 5, 10, 20] : [1, 1, 1, 2, 2, 5, 5, 10, 20];
        $values = array_values(array_filter($purse, static fn (int $value): bool => $value <= max(2, $n)));
        foreach ($values as $i => $value) {
            $items[] = new Item(ItemKind::Coin, 96.0 + ($i % 5) * 32.0, 20.0 + intdiv($i, 5) * 32.0, 26.0, 26.0, null, (string) $value);
        }

        return new Scene(250.0, 68.0, $items, 'coins', ['n' => $n]);
    }

    /** Hundreds as mats, tens as bundles, ones as singles; for building they lie in reach, for reading in order. */
    public function bundles(): Scene
    {
        $build = \in_array($this->fact->ask, [Ask::BuildTens, Ask::BuildHundreds, Ask::BundlesByEar, Ask::HundredsByEar], true);
        [$h, $t, $o] = match ($this->fact->ask) {
            Ask::AddTwoFigure => [0, intdiv($this->number('a'), 10), $this->number('a') % 10],
            Ask::TakeTwoFigure, Ask::TenMore, Ask::TenFewer => [0, intdiv($this->number('n'), 10), $this->number('n') % 10],
            Ask::TenAndSome, Ask::BuildTeen => [0, 1, max(0, $this->number('n') - 10)],
            Ask::EqualPiles => [0, intdiv($this->number('piles') * $this->number('each'), 10), 0],
            Ask::ShareOut => [0, 0, $this->number('n')],
            default => [$this->number('h'), $this->number('t'), $this->number('o')],
        };
        $items = [];
        $x = 4.0;
        foreach ([[$h, ItemKind::Mat, 60.0, 60.0], [$t, ItemKind::Bundle, 14.0, 60.0], [$o, ItemKind::Single, 8.0, 60.0]] as [$count, $kind, $wide, $high]) {
            for ($i = 0; $i < $count; ++$i) {
                $items[] = new Item($kind, $x + $wide / 2, 34.0, $wide, $high, null, null, $build);
                $x += $wide + 6.0;
            }
            $x += 0 === $count ? 0.0 : 10.0;
        }
        $more = Ask::AddTwoFigure === $this->fact->ask ? $this->number('b') : (Ask::TakeTwoFigure === $this->fact->ask ? $this->number('b') : null);
        if (null !== $more) {
            $items[] = new Item(ItemKind::Card, $x + 30.0, 34.0, 56.0, self::CARD, null, (Ask::AddTwoFigure === $this->fact->ask ? '+' : '−').$more);
            $x += 64.0;
        }

        return new Scene(max(120.0, $x), 68.0, $items, $build ? 'bundles-build' : 'bundles', ['h' => $h, 't' => $t, 'o' => $o]);
    }
}
