<?php

declare(strict_types=1);

namespace Pindle\Core\FirstLook;

use Pindle\Core\Skill\SkillMap;
use Random\Randomizer;

/**
 * What a child may know, as many equally likely whole maps that each respect the needs: nothing is known before what it needs.
 *
 * The model behind it: a child has a maturity in months, near their age, and an offset for each strand; a step whose needs are known is
 * known with the logistic chance of maturity against the step's age hint. After each answer the maps are weighed by its likelihood,
 * drawn anew by weight, and stirred by moves that leave the distribution as it is (Gibbs for single steps, Metropolis for maturity and
 * strands): a particle filter with rejuvenation (Gilks and Berzuini 2001).
 *
 * Steps and strands are numbered inside, for speed: a look has to answer while a child waits.
 */
final readonly class Belief
{
    /** How many maps are kept. More are steadier and slower. */
    public const MAPS = 320;

    /** Months by which maturity may differ from the age, a strand from maturity, and a step from its hint (logistic scale). */
    public const MATURITY_DEVIATION = 7.0;
    public const STRAND_DEVIATION = 5.0;
    public const STEP_SCALE = 5.0;

    /** Where the age is not known. */
    private const UNKNOWN_AGE = 54.0;
    private const UNKNOWN_DEVIATION = 18.0;

    /** Step flips tried for each map when stirring. */
    private const FLIPS = 90;

    /** Likelihood ratio of a step the parent says the child can already do. */
    private const TOLD = 25.0;

    /**
     * @param NumberedMap                                                                      $numbered the skill map in numbers
     * @param list<array{known: list<int>, maturity: float, strands: list<float>}>          $maps
     * @param array<int, float>                                                           $ratios step => likelihood ratio of all that was seen of it
     */
    private function __construct(
        private NumberedMap $numbered,
        private array $maps,
        private array $ratios,
        private float $age,
        private float $deviation,
    ) {
    }

    /**
     * @param int|null     $months     age; null when it is not known
     * @param list<string> $canAlready ids of steps the parent says are there
     */
    public static function start(SkillMap $map, ?int $months, array $canAlready, Randomizer $random): self
    {
        $numbered = NumberedMap::of($map);
        $age = null === $months ? self::UNKNOWN_AGE : (float) $months;
        $deviation = null === $months ? self::UNKNOWN_DEVIATION : self::MATURITY_DEVIATION;
        $maps = [];
        for ($i = 0; $i < self::MAPS; ++$i) {
            $maturity = $age + $deviation * self::normal($random);
            $strands = [];
            for ($strand = 0; $strand < $numbered->strands; ++$strand) {
                $strands[] = self::STRAND_DEVIATION * self::normal($random);
            }
            $known = [];
            foreach ($numbered->needs as $step => $needs) {
                $is = 1;
                foreach ($needs as $need) {
                    $is &= $known[$need];
                }
                $known[] = 1 === $is && self::unit($random) < self::chance($maturity + $strands[$numbered->strandOf[$step]] - $numbered->hints[$step]) ? 1 : 0;
            }
            $maps[] = ['known' => $known, 'maturity' => $maturity, 'strands' => $strands];
        }
        $belief = new self($numbered, $maps, [], $age, $deviation);
        foreach ($canAlready as $stepId) {
            $belief = $belief->weighed($stepId, self::TOLD, $random);
        }

        return $belief;
    }

    public function after(Answer $answer, SkillMap $map, Randomizer $random): self
    {
        return $this->weighed($answer->stepId, $answer->ratio($map->step($answer->stepId)), $random);
    }

    /** @return array<string, float> step id => chance that it is known, never quite 0 or 1 */
    public function chances(): array
    {
        $chances = [];
        foreach ($this->numbered->ids as $step => $id) {
            $count = 0.5;
            foreach ($this->maps as $map) {
                $count += $map['known'][$step];
            }
            $chances[$id] = $count / (\count($this->maps) + 1);
        }

        return $chances;
    }

    /**
     * How much an open question about a step is expected to tell about the whole map: the expected fall of the summed entropy of all steps, in bits.
     */
    public function tells(string $stepId): float
    {
        $asked = $this->numbered->numbers[$stepId] ?? null;
        if (null === $asked) {
            return 0.0;
        }
        $sizes = [0, 0];
        $counts = array_fill(0, 2, array_fill(0, \count($this->numbered->ids), 0));
        foreach ($this->maps as $map) {
            $group = $map['known'][$asked];
            ++$sizes[$group];
            foreach ($map['known'] as $step => $known) {
                $counts[$group][$step] += $known;
            }
        }
        $all = $sizes[0] + $sizes[1];
        // Right when known but for a slip, right when not known only by a guess.
        [$rightKnown, $rightUnknown] = [1 - Answer::SLIP, Answer::GUESS];
        $right = $sizes[1] * $rightKnown + $sizes[0] * $rightUnknown;
        $wrong = $all - $right;
        $fall = 0.0;
        foreach ($this->numbered->ids as $step => $id) {
            [$zero, $one] = [$counts[0][$step], $counts[1][$step]];
            if (0 < $one + $zero && $one + $zero < $all) {
                $ifRight = ($one * $rightKnown + $zero * $rightUnknown) / $right;
                $ifWrong = ($one * (1 - $rightKnown) + $zero * (1 - $rightUnknown)) / $wrong;
                $fall += self::entropy(($one + $zero) / $all) - ($right * self::entropy($ifRight) + $wrong * self::entropy($ifWrong)) / $all;
            }
        }

        return $fall;
    }

    /** Weighs the maps by one more likelihood ratio, draws them anew and stirs them. */
    private function weighed(string $stepId, float $ratio, Randomizer $random): self
    {
        $asked = $this->numbered->numbers[$stepId] ?? null;
        if (null === $asked) {
            return $this;
        }
        $ratios = $this->ratios;
        $ratios[$asked] = ($ratios[$asked] ?? 1.0) * $ratio;
        $weights = array_map(static fn (array $map): float => 1 === $map['known'][$asked] ? $ratio : 1.0, $this->maps);
        $share = array_sum($weights) / \count($weights);
        $at = $share * self::unit($random);
        $sum = 0.0;
        $drawn = [];
        foreach ($this->maps as $i => $map) {
            $sum += $weights[$i];
            while ($at < $sum && \count($drawn) < \count($this->maps)) {
                $drawn[] = $this->shifted($this->flipped($map, $ratios, $random), $random);
                $at += $share;
            }
        }

        return new self($this->numbered, $drawn, $ratios, $this->age, $this->deviation);
    }

    /**
     * Draws single steps anew from their own distribution given all else: Gibbs moves, always taken.
     *
     * @param array{known: list<int>, maturity: float, strands: list<float>} $map
     * @param array<int, float>                                           $ratios
     *
     * @return array{known: list<int>, maturity: float, strands: list<float>}
     */
    private function flipped(array $map, array $ratios, Randomizer $random): array
    {
        ['known' => $known, 'maturity' => $maturity, 'strands' => $strands] = $map;
        $numbered = $this->numbered;
        $last = \count($numbered->ids) - 1;
        for ($i = 0; $i < self::FLIPS; ++$i) {
            $step = $random->getInt(0, $last);
            foreach ($numbered->needs[$step] as $need) {
                if (0 === $known[$need]) {
                    continue 2;
                }
            }
            foreach ($numbered->dependents[$step] as $dependent) {
                if (1 === $known[$dependent]) {
                    continue 2;
                }
            }
            $odds = exp(($maturity + $strands[$numbered->strandOf[$step]] - $numbered->hints[$step]) / self::STEP_SCALE) * ($ratios[$step] ?? 1.0);
            foreach ($numbered->dependents[$step] as $dependent) {
                foreach ($numbered->needs[$dependent] as $need) {
                    if ($need !== $step && 0 === $known[$need]) {
                        continue 2;
                    }
                }
                // Known, it would leave the dependent free, and that is unknown by its own chance.
                $odds *= 1 - self::chance($maturity + $strands[$numbered->strandOf[$dependent]] - $numbered->hints[$dependent]);
            }
            $known[$step] = self::unit($random) * (1 + $odds) < $odds ? 1 : 0;
        }

        return ['known' => array_values($known), 'maturity' => $maturity, 'strands' => $strands];
    }

    /**
     * Moves maturity, or each strand, a little where the map as it stands makes that likely enough.
     *
     * @param array{known: list<int>, maturity: float, strands: list<float>} $map
     *
     * @return array{known: list<int>, maturity: float, strands: list<float>}
     */
    private function shifted(array $map, Randomizer $random): array
    {
        ['known' => $known, 'maturity' => $maturity, 'strands' => $strands] = $map;
        // One kind of move at a time, so that each is judged by what it alone changes.
        $moveLevel = self::unit($random) < 0.5;
        $newLevel = $moveLevel ? $maturity + 4.0 * self::normal($random) : $maturity;
        $gains = [];
        $moved = [];
        foreach ($strands as $strand => $offset) {
            $moved[] = $moveLevel ? $offset : $offset + 2.0 * self::normal($random);
            $gains[] = ($offset ** 2 - $moved[$strand] ** 2) / (2 * self::STRAND_DEVIATION ** 2);
        }
        $numbered = $this->numbered;
        foreach ($numbered->needs as $step => $needs) {
            foreach ($needs as $need) {
                if (0 === $known[$need]) {
                    continue 2;
                }
            }
            $strand = $numbered->strandOf[$step];
            $now = ($maturity + $strands[$strand] - $numbered->hints[$step]) / self::STEP_SCALE;
            $then = ($newLevel + $moved[$strand] - $numbered->hints[$step]) / self::STEP_SCALE;
            // log of the logistic chance: -log(1 + e^-x) where known, -log(1 + e^x) where not.
            $sign = 1 === $known[$step] ? -1 : 1;
            $gains[$strand] += log(1 + exp($sign * $now)) - log(1 + exp($sign * $then));
        }
        if ($moveLevel) {
            $gain = array_sum($gains) + (($maturity - $this->age) ** 2 - ($newLevel - $this->age) ** 2) / (2 * $this->deviation ** 2);

            return ['known' => $known, 'maturity' => log(max(1e-12, self::unit($random))) < $gain ? $newLevel : $maturity, 'strands' => $strands];
        }
        foreach ($gains as $strand => $gain) {
            $moved[$strand] = log(max(1e-12, self::unit($random))) < $gain ? $moved[$strand] : $strands[$strand];
        }

        return ['known' => $known, 'maturity' => $maturity, 'strands' => array_values($moved)];
    }

    private static function chance(float $ahead): float
    {
        return 1 / (1 + exp(-$ahead / self::STEP_SCALE));
    }

    private static function entropy(float $p): float
    {
        return $p <= 0.0 || $p >= 1.0 ? 0.0 : -($p * log($p, 2) + (1 - $p) * log(1 - $p, 2));
    }

    private static function unit(Randomizer $random): float
    {
        return $random->getInt(0, 1_000_000_000) / 1_000_000_001;
    }

    /** Box and Muller's transform of two even draws. */
    private static function normal(Randomizer $random): float
    {
        return sqrt(-2 * log(max(1e-12, self::unit($random)))) * cos(2 * \M_PI * self::unit($random));
    }
}
