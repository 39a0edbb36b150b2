<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/**
 * A written numeral, to be said and to be found among three: beside it lies what it is taken for, as far as the step goes. The step says from which
 * number on: `least`.
 */
final readonly class NameNumeral extends Prompt
{
    public const ASKS = ['name-numeral', 'find-numeral'];
    public const METHODS = [Method::KnownFact, Method::CountedAll, Method::SawIt];
    public const SLIPS = [Slip::TeenOrTy, Slip::WrongWayRound];

    /** Numerals that are taken for each other: turned round, or alike to the ear. */
    private const ALIKE = [[6, 9], [2, 5], [1, 7], [16, 19], [12, 20], [12, 15], [11, 17]];

    /**
     * @param int|null $least   the least there is to choose from; only where it is to be found
     * @param int|null $largest the largest
     */
    public function __construct(string $ask, public int $n, public ?int $least = null, public ?int $largest = null)
    {
        parent::__construct($ask);
    }

    public static function all(Step $step): array
    {
        $all = [];
        $least = $step->variant->int('least');
        foreach (range($least, $step->size) as $n) {
            array_push($all, new self('name-numeral', $n), new self('find-numeral', $n, $least, $step->size));
        }

        return $all;
    }

    public function answer(): int
    {
        return $this->n;
    }

    public function choices(): ?int
    {
        return 'find-numeral' === $this->ask ? 3 : null;
    }

    public function load(): int
    {
        return $this->n;
    }

    public function numbers(): array
    {
        return ['n' => $this->n];
    }

    public function amounts(): Amounts
    {
        return new Amounts($this->n);
    }

    public function sights(): array
    {
        return ['find-numeral' === $this->ask
            ? new Sight\Cards(array_map(strval(...), [$this->n, ...$this->others()]), true)
            : new Sight\Cards([(string) $this->n])];
    }

    /** @return array{int, int} to choose from besides: what it is most easily taken for, inside the reach */
    public function others(): array
    {
        $n = $this->n;
        $alike = [];
        foreach (self::ALIKE as [$one, $other]) {
            array_push($alike, ...match ($n) {
                $one => [$other],
                $other => [$one],
                default => [],
            });
        }
        // A -teen and its -ty, the figures the other way round, a teen without its ten; then the neighbours.
        $other = [
            ...$n > 12 && $n < 20 ? [10 * ($n - 10)] : [],
            ...$n >= 30 && 0 === $n % 10 ? [10 + intdiv($n, 10)] : [],
            ...$n > 20 && 0 !== $n % 10 ? [intdiv($n, 10) + 10 * ($n % 10)] : [],
            ...$alike,
            ...$n > 10 && $n < 20 ? [$n - 10] : [],
            $n + 1,
            $n - 1,
            $n + 2,
            $n - 2,
        ];
        $inside = array_filter($other, fn (int $one): bool => $one !== $n && $one >= ($this->least ?? 0) && $one <= ($this->largest ?? \PHP_INT_MAX));
        $two = \array_slice(array_values(array_unique($inside)), 0, 2);

        return [$two[0] ?? $n + 1, $two[1] ?? $n + 2];
    }
}
