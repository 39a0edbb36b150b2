<?php

declare(strict_types=1);

namespace Pindle\App\Plan;

use Pindle\App\Household\Children;
use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Database\Transactions;
use Pindle\App\Platform\Http\Refusal;
use Pindle\App\Record\AttemptEntity;
use Pindle\App\Record\Evidence;
use Pindle\Core\Evidence\Attempt;
use Pindle\Core\Evidence\ChildRecord;

/**
 * Records taps at the table. A tap, the record that follows from it and the set-up it begins are one transaction, so that a set-up that
 * received a tap stays whatever the plan said meanwhile.
 */
final readonly class Taps
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
     * @param callable(Asked): Attempt $seen what was seen of the question as it was asked
     *
     * @throws Refusal 404 when there never was such a set-up, 409 when the question was answered already or the id says something else,
     *                 422 when the sitting or the question is of another set-up
     */
    public function record(string $setUpId, string $sittingId, string $questionId, string $id, callable $seen): Tapped
    {
        return $this->transactions->run(function () use ($setUpId, $sittingId, $questionId, $id, $seen): Tapped {
            $known = $this->evidence->around($sittingId, $id);
            $asked = $this->plans->asked($setUpId, $sittingId, $questionId);
            foreach ($known as $other) {
                if ($other->id === $id) {
                    return $this->again($other, $sittingId, $questionId, null === $asked ? null : $seen($asked));
                }
                if ($other->questionId === $questionId) {
                    throw Refusal::conflict('questionId', 'This question was answered on another device.');
                }
            }
            $asked ??= throw $this->notAsked($setUpId, $sittingId);
            $attempt = $seen($asked);
            $isLate = SetUpState::Done === $asked->state;
            $record = $this->evidence->recordAttempt($this->children->child($asked->childId, $this->clock->today()), $attempt, $questionId, $isLate);
            if (SetUpState::Dropped === $asked->state) {
                $this->sittings->revive($setUpId);
            }

            return new Tapped(
                $attempt,
                $record,
                $asked,
                $isLate ? [] : [...array_map(static fn (AttemptEntity $before): Attempt => $before->toCore(), $known), $attempt],
            );
        });
    }

    /** The same tap once more, perhaps because the answer got lost. */
    private function again(AttemptEntity $recorded, string $sittingId, string $questionId, ?Attempt $attempt): Tapped
    {
        $kept = $recorded->toCore();
        if (
            $recorded->sittingId !== $sittingId
            || $recorded->questionId !== $questionId
            || null !== $attempt && [$kept->outcome, $kept->help, $kept->method, $kept->slip] !== [
                $attempt->outcome,
                $attempt->help,
                $attempt->method,
                $attempt->slip,
            ]
        ) {
            throw Refusal::conflict('id', 'Another try has this id already. Nothing was changed.');
        }

        return new Tapped($kept, $this->recordOf($recorded->childId));
    }

    private function recordOf(string $childId): ChildRecord
    {
        return $this->evidence->record($this->children->child($childId, $this->clock->today()));
    }

    private function notAsked(string $setUpId, string $sittingId): Refusal
    {
        $setUp = $this->plans->setUp($setUpId);

        return match (true) {
            null === $setUp => Refusal::notFound('setUpId', 'There is no such set-up. Look at Today again.'),
            null === $setUp->sitting($sittingId) => Refusal::invalid('sittingId', 'This sitting does not belong to what is on the table.'),
            default => Refusal::invalid('questionId', 'This sitting has no such question.'),
        };
    }
}
