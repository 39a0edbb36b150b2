<?php

declare(strict_types=1);

namespace Pindle\App\Plan;

use Pindle\App\Household\Children;
use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Database\Transactions;
use Pindle\App\Platform\Http\Refusal;
use Pindle\App\Record\AttemptEntity;
use Pindle\App\Record\Evidence;
use Pindle\Core\Evidence\Closing;
use Pindle\Core\Evidence\ClosingMark;
use Pindle\Core\Planning\Course;
use Symfony\Component\Uid\Uuid;

/**
 * Records the closing mark or the tally of one child's sitting: evidence for each of its courses, speaking of the questions that were asked without
 * help and not tapped. One transaction with what was tapped, so that no question counts twice.
 */
final readonly class Closings
{
    public function __construct(
        private Transactions $transactions,
        private Evidence $evidence,
        private Plans $plans,
        private Sittings $sittings,
        private Children $children,
        private Clock $clock,
    ) {
    }

    /**
     * @param string      $id    of the first course's; that of a second follows from it
     * @param int|null    $alone of a tally
     * @param int|null    $of    of a tally
     * @param int|null    $asked how many questions there were; null for all
     * @param list<string> $leftOut ids of questions that were not asked
     *
     * @throws Refusal 404 when there never was such a set-up, 422 when the sitting is of another
     */
    public function record(
        string $setUpId,
        string $sittingId,
        string $id,
        ClosingMark $mark,
        ?int $alone,
        ?int $of,
        ?int $asked,
        array $leftOut,
        \DateTimeImmutable $at,
        string $deviceId,
    ): void {
        $this->transactions->run(function () use ($setUpId, $sittingId, $id, $mark, $alone, $of, $asked, $leftOut, $at, $deviceId): void {
            $stored = $this->plans->setUp($setUpId)
                ?? throw Refusal::notFound('setUpId', 'This is not in the plan any more. Nothing was lost; look at Today again.');
            $sitting = $stored->sitting($sittingId) ?? throw Refusal::invalid('sittingId', 'This sitting does not belong to what is on the table.');
            $tapped = array_map(static fn (AttemptEntity $attempt): string => $attempt->questionId, $this->evidence->answered([$sittingId]));
            $closings = array_map(fn (int $nth, Course $course): Closing => new Closing(
                0 === $nth ? $id : Uuid::v5(Uuid::fromString($id), $course->stepId)->toRfc4122(),
                $course->stepId,
                $sittingId,
                $stored->setUp->activity->id,
                $course->form,
                $stored->setUp->thingIds(),
                $mark,
                $sitting->sitting->covered($course, $tapped, array_values(array_diff(\array_slice($sitting->order, 0, $asked), $leftOut))),
                $at,
                $this->clock->dayOf($at),
                $deviceId,
                $alone,
                $of,
            ), array_keys($sitting->sitting->courses), $sitting->sitting->courses);
            $this->evidence->close($this->children->child($sitting->sitting->childId, $this->clock->today()), $closings, $stored->isDone());
            if (SetUpState::Dropped === $stored->state) {
                $this->sittings->revive($setUpId);
            }
        });
    }
}
