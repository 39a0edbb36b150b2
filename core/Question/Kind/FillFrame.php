<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Lie;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/**
 * An amount on a strip or a frame. The step says what is read: `frame: whole`, `frame: past-five`, or `frame: loose` for a few things without
 * one, which may lie in any way and are seen for a moment.
 */
final readonly class FillFrame extends Prompt
{
    public const ASKS = ['read-frame', 'five-and-some', 'how-many-seen', 'how-many'];
    public const METHODS = [Method::SawIt, Method::CountedOn, Method::CountedAll, Method::KnownFact];
    public const SLIPS = [Slip::Recounts, Slip::Guesses, Slip::Fingers, Slip::CountsAllAgain];

    public function __construct(string $ask, public int $n, public ?Lie $lie = null, public ?int $of = null)
    {
        parent::__construct($ask);
    }

    public static function all(Step $step): array
    {
        $loose = [];
        foreach (range(2, $step->size) as $n) {
            array_push($loose, ...array_map(static fn (Lie $lie): self => new self('how-many-seen', $n, $lie), Lie::of($n)));
        }

        return match ($step->variant->oneOf('frame', 'whole', 'past-five', 'loose')) {
            'past-five' => array_map(static fn (int $n): self => new self('five-and-some', $n), range(6, 9)),
            'loose' => $loose,
            default => array_map(static fn (int $n): self => new self('read-frame', $n, null, $step->size), range(0, $step->size)),
        };
    }

    public function answer(): int
    {
        return 'five-and-some' === $this->ask ? $this->n - 5 : $this->n;
    }

    public function load(): int
    {
        return $this->n;
    }

    public function amounts(): Amounts
    {
        return new Amounts($this->n);
    }

    public function hasNought(): bool
    {
        return 0 === $this->n;
    }

    public function sights(): array
    {
        $frame = new Sight\Frame($this->n, $this->n, $this->of ?? ($this->n > 5 ? 10 : 5));

        return match ($this->ask) {
            'how-many', 'how-many-seen' => [($this->lie ?? Lie::Muddle)->sight($this->n)],
            'five-and-some' => [$frame, new Sight\Cards([(string) $this->n])],
            default => [$frame],
        };
    }
}
