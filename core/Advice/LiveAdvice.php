<?php

declare(strict_types=1);

namespace Pindle\Core\Advice;

use Pindle\Core\Evidence\Attempt;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\Slip;

/** Advice inside a sitting, from what was seen in it so far. It is offered, never forced; the parent may take the next idea or none. */
final readonly class LiveAdvice
{
    /**
     * @param non-empty-list<Idea> $ideas best first
     * @param Slip|null            $slip  the one that the remedy is for
     * @param string|null          $need  id of the weakest need
     */
    public function __construct(public Cause $cause, public array $ideas, public ?Slip $slip = null, public ?string $need = null)
    {
    }

    /**
     * What to offer after the last attempt; null when all goes its way.
     *
     * @param list<Attempt> $attempts of this child in this sitting, in order
     * @param list<Idea>    $offered  ideas offered earlier in the sitting; they are not offered again
     * @param list<Idea>    $hasSpare those of which a question made beforehand is left
     */
    public static function after(Script $script, array $attempts, array $offered = [], array $hasSpare = []): ?self
    {
        $last = $attempts[\count($attempts) - 1] ?? null;
        if (null === $last) {
            return null;
        }
        $causes = Counters::of($attempts)->causes($last->outcome, Help::Bare === $last->help);

        return $script->offer($causes, $last->help, self::slip($attempts), $offered, $hasSpare);
    }

    /** @param list<Attempt> $attempts the newest slip among them */
    private static function slip(array $attempts): ?Slip
    {
        foreach (array_reverse($attempts) as $attempt) {
            if (null !== $attempt->slip) {
                return $attempt->slip;
            }
        }

        return null;
    }
}
