<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

use Pindle\Core\Calendar\LocalDate;

/** What was seen of a step in the last sitting that it was met in. */
final readonly class LastTime
{
    /**
     * @param int         $alone  questions that were right without help, 0 to $of; where nobody tapped, 1 or 0 by the closing mark
     * @param int         $of     questions that were tapped, 1 and up; 0 where a closing mark is all there is
     * @param Method|null $method seen most often, the later one of two; null where none was tapped
     */
    public function __construct(public LocalDate $day, public int $alone, public int $of, public ?Method $method = null)
    {
    }

    /** Null where the step was never met, or all that was seen of it is out of the window. */
    public static function of(Window $window): ?self
    {
        $last = $window->last();
        if (null === $last) {
            return null;
        }
        $places = array_values(array_filter($window->places, static fn (WindowPlace $place): bool => $place->sittingId === $last->sittingId));
        $tries = array_values(array_filter($places, static fn (WindowPlace $place): bool => !$place->isClosing));
        if ([] === $tries) {
            return new self($last->day, $last->isUnaided ? 1 : 0, 0);
        }
        $counts = [];
        foreach ($tries as $place) {
            if (null !== $place->method) {
                $counts[$place->method->value] = ($counts[$place->method->value] ?? 0) + 1;
            }
        }
        $most = [] === $counts ? null : array_search(max($counts), array_reverse($counts, true), true);
        $alone = \count(array_filter($tries, static fn (WindowPlace $place): bool => $place->isUnaided));

        return new self($last->day, $alone, \count($tries), \is_string($most) ? Method::from($most) : null);
    }
}
