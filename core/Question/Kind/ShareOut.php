<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** An amount dealt out fairly; left-overs load more. */
final readonly class ShareOut extends Prompt
{
    public const ASKS = ['share-out'];
    public const METHODS = [Method::CountedOn, Method::KnownFact, Method::CountedAll, Method::SawIt];
    public const SLIPS = [Slip::CountsFaster, Slip::Guesses, Slip::Recounts];

    public function __construct(public int $n, public int $plates)
    {
        parent::__construct('share-out');
    }

    public static function all(Step $step): array
    {
        $all = [];
        foreach ([2, 3, 4] as $plates) {
            foreach (range($plates, $step->size) as $n) {
                $all[] = new self($n, $plates);
            }
        }

        return $all;
    }

    public function answer(): int
    {
        return intdiv($this->n, $this->plates);
    }

    public function load(): int
    {
        return $this->n + 4 * ($this->n % $this->plates) + 2 * ($this->plates - 2);
    }

    public function amounts(): Amounts
    {
        return new Amounts($this->n);
    }

    public function values(): array
    {
        return ['left' => $this->n % $this->plates] + parent::values();
    }

    public function sights(): array
    {
        return [new Sight\Plates($this->n, $this->plates)];
    }
}
