<?php

declare(strict_types=1);

namespace Pindle\App\Views;

use Pindle\Core\Scene\StandIn;
use Pindle\Core\Scene\StandInKind;

/** A thing on the screen in the place of one that is not at hand, as {@see StandIn} sets it. */
final readonly class StandInView
{
    /**
     * @param list<list<int>> $faces  six a die
     * @param list<list<int>> $order column and line of each place of one frame
     * @param list<float>     $masses grams
     */
    public function __construct(
        public StandInKind $kind,
        public int $n,
        public int $a,
        public int $b,
        public int $size,
        public bool $back,
        public bool $bag,
        public array $faces,
        public array $order,
        public array $masses,
    ) {
    }

    public static function of(StandIn $standIn): self
    {
        return new self(
            $standIn->kind,
            $standIn->n,
            $standIn->a,
            $standIn->b,
            $standIn->size,
            $standIn->back,
            $standIn->bag,
            $standIn->faces,
            $standIn->order,
            $standIn->masses,
        );
    }
}
