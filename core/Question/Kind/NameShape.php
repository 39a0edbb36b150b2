<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Shape;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** A shape to be named, and one to be found in the room. The step says which `shapes` there are. */
final readonly class NameShape extends Prompt
{
    public const ASKS = ['name-shape', 'find-shape'];
    public const METHODS = [Method::SawIt];
    public const SLIPS = [Slip::ChangesTheRule];

    public function __construct(string $ask, public Shape $shape)
    {
        parent::__construct($ask);
    }

    public static function all(Step $step): array
    {
        $all = [];
        foreach ($step->variant->texts('shapes') as $shape) {
            foreach (self::ASKS as $ask) {
                $all[] = new self($ask, Shape::from($shape));
            }
        }

        return $all;
    }

    public function answer(): Shape
    {
        return $this->shape;
    }

    public function load(): int
    {
        return 1 + (int) array_search($this->shape, Shape::cases(), true) + ('find-shape' === $this->ask ? 1 : 0);
    }

    public function sights(): array
    {
        return [new Sight\OneShape($this->shape)];
    }
}
