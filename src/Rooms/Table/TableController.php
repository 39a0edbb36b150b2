<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Table;

use Nelmio\ApiDocBundle\Attribute\Model;
use OpenApi\Attributes as OA;
use Pindle\App\Household\Children;
use Pindle\App\Household\Unchanged;
use Pindle\App\Plan\Asked;
use Pindle\App\Plan\Closings;
use Pindle\App\Plan\Finishing;
use Pindle\App\Plan\Planning;
use Pindle\App\Plan\Plans;
use Pindle\App\Plan\SetUpState;
use Pindle\App\Plan\Sittings;
use Pindle\App\Plan\StoredSetUp;
use Pindle\App\Plan\StoredSitting;
use Pindle\App\Plan\Taps;
use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Database\Transactions;
use Pindle\App\Platform\Http\DeviceTime;
use Pindle\App\Platform\Http\Refusal;
use Pindle\App\Platform\Lock\Who;
use Pindle\App\Record\AttemptEntity;
use Pindle\App\Record\Evidence;
use Pindle\App\Views\StandInView;
use Pindle\Core\Child\Settings;
use Pindle\Core\Evidence\Attempt;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\ClosingMark;
use Pindle\Core\Evidence\Ladder;
use Pindle\Core\Evidence\Seen;
use Pindle\Core\Planning\NextQuestion;
use Pindle\Core\Question\Question;
use Pindle\Core\Scene\StandIn;
use Pindle\Core\Skill\SkillMap;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/table')]
#[OA\Tag('Table')]
final readonly class TableController
{
    public function __construct(
        private Evidence $evidence,
        private Plans $plans,
        private Planning $planning,
        private Transactions $transactions,
        private Sittings $sittings,
        private Taps $taps,
        private Closings $closings,
        private Finishing $finishing,
        private Children $children,
        private TableViews $views,
        private Advices $advices,
        private SkillMap $map,
        private Clock $clock,
        private DeviceTime $time,
    ) {
    }

    #[Route('/stand-ins', name: 'table_stand_ins', methods: ['GET'], defaults: Who::TABLE, priority: 1)]
    #[OA\Response(response: 200, description: 'Things on the screen, on their own', content: new OA\JsonContent(ref: new Model(type: StandInsView::class)))]
    public function standIns(): JsonResponse
    {
        $random = new Randomizer(new Xoshiro256StarStar(crc32($this->clock->now()->format('c'))));

        return new JsonResponse(new StandInsView(array_map(StandInView::of(...), StandIn::all(new Settings(), $random))));
    }

    #[Route('/{setUpId}', name: 'table_look', methods: ['GET'], defaults: Who::TABLE + Unchanged::ALL)]
    #[OA\Response(response: 200, description: 'Everything one set-up needs at the table', content: new OA\JsonContent(ref: new Model(type: TableView::class)))]
    public function look(string $setUpId): JsonResponse
    {
        $stored = $this->setUp($setUpId);

        return new JsonResponse($this->views->of($this->planning->catchUp($this->clock->today()) ? $this->setUp($setUpId) : $stored));
    }

    #[Route('/{setUpId}/attempts', name: 'table_attempt', methods: ['POST'], defaults: Who::TABLE)]
    #[OA\Response(response: 200, description: 'Recorded, or recorded before', content: new OA\JsonContent(ref: new Model(type: AttemptView::class)))]
    public function record(string $setUpId, #[MapRequestPayload] AttemptInput $input): JsonResponse
    {
        $sittingId = $input->sittingId->toRfc4122();
        $tapped = $this->taps->record(
            $setUpId,
            $sittingId,
            $input->questionId,
            $input->id->toRfc4122(),
            fn (Asked $asked): Attempt => $this->attempt($asked, $input),
        );

        return $this->answer(
            $tapped->attempt,
            $tapped->record,
            null === $tapped->asked || [] === $tapped->attempts
                ? null
                : $this->advices->after($sittingId, $tapped->asked, $tapped->attempts, $tapped->record),
            SetUpState::Done === $tapped->asked?->state,
        );
    }

    #[Route('/{setUpId}/tries', name: 'table_try', methods: ['POST'], defaults: Who::TABLE)]
    #[OA\Response(response: 200, description: 'A tap of 0.3.0, recorded', content: new OA\JsonContent(ref: new Model(type: AttemptView::class)))]
    public function recordTry(string $setUpId, #[MapRequestPayload] TryInput $input): JsonResponse
    {
        return $this->record($setUpId, $input->renewed());
    }

    #[Route('/tries/{id}', name: 'table_take_try_back', methods: ['DELETE'], defaults: Who::TABLE)]
    #[Route('/attempts/{id}', name: 'table_take_back', methods: ['DELETE'], defaults: Who::TABLE)]
    #[OA\Response(response: 200, description: 'Taken back; the history still shows it', content: new OA\JsonContent(ref: new Model(type: AttemptView::class)))]
    public function takeBack(string $id): JsonResponse
    {
        $seen = $this->evidence->seen($id) ?? throw Refusal::notFound('id', 'There is no such try.');
        $record = $this->evidence->takeBack($this->children->child($seen->childId, $this->clock->today()), $seen, $this->clock->now());

        return $this->answer($seen->toCore(), $record);
    }

    #[Route('/attempts/{id}', name: 'table_correct', methods: ['PUT'], defaults: Who::TABLE)]
    #[OA\Response(response: 200, description: 'Corrected; the history shows both', content: new OA\JsonContent(ref: new Model(type: AttemptView::class)))]
    public function correct(string $id, #[MapRequestPayload] CorrectionInput $input): JsonResponse
    {
        $wrong = $this->evidence->attempt($id) ?? throw Refusal::notFound('id', 'There is no such try.');
        $child = $this->children->child($wrong->childId, $this->clock->today());
        $right = $wrong->toCore()->corrected($input->id->toRfc4122(), $input->outcome, $input->help, $input->method, $input->slip);

        return $this->answer($right, $this->evidence->correct($child, $wrong, $right, $this->clock->now()));
    }

    #[Route('/{setUpId}/advice', name: 'table_advice', methods: ['POST'], defaults: Who::TABLE)]
    #[OA\Response(response: 200, description: 'Kept, and the questions from now on', content: new OA\JsonContent(ref: new Model(type: TableView::class)))]
    public function advice(string $setUpId, #[MapRequestPayload] AdviceInput $input): JsonResponse
    {
        $this->transactions->run(function () use ($setUpId, $input): void {
            $stored = $this->setUp($setUpId);
            $sitting = $this->sitting($stored, $input->sittingId->toRfc4122());
            if (!$stored->isDone()) {
                $this->advise($stored, $sitting, $input);
            }
        });

        return new JsonResponse($this->views->of($this->setUp($setUpId)));
    }

    private function advise(StoredSetUp $stored, StoredSitting $sitting, AdviceInput $input): void
    {
        $at = array_flip(array_map(static fn (Question $question): string => $question->id, $sitting->sitting->questions));
        $positions = static fn (array $ids): array => array_values(array_filter(
            array_map(static fn (string $id): ?int => $at[$id] ?? null, $ids),
            is_int(...),
        ));
        $order = $positions($sitting->order);
        $done = $positions(array_map(static fn (AttemptEntity $attempt): string => $attempt->questionId, $this->evidence->answered([$sitting->id])));
        $named = $input->questionId?->toRfc4122();
        [$questions, $order] = $input->taken ? NextQuestion::after(
            $input->idea,
            $sitting->sitting->questions,
            $order,
            $done,
            $sitting->sparesLeft($input->idea),
            // An id is nobody else's.
            null === $named || isset($at[$named]) ? null : $named,
        ) : [$sitting->sitting->questions, $order];
        $this->sittings->advised($sitting, $input->id?->toRfc4122(), $input->idea, $input->taken, $questions, $order);
    }

    #[Route('/{setUpId}/closing', name: 'table_close', methods: ['POST'], defaults: Who::TABLE)]
    #[OA\Response(response: 200, description: 'Recorded, or recorded before', content: new OA\JsonContent(ref: new Model(type: TableView::class)))]
    public function close(string $setUpId, #[MapRequestPayload] ClosingInput $input): JsonResponse
    {
        if (null !== $input->of && null !== $input->alone && $input->alone > $input->of) {
            throw Refusal::invalid('alone', 'No more can be done alone than there were.');
        }
        $tally = null !== $input->of && null !== $input->alone ? [$input->alone, $input->of] : null;
        $mark = null === $tally ? $input->mark : ClosingMark::ofTally(...$tally);
        $this->closings->record(
            $setUpId,
            $input->sittingId->toRfc4122(),
            $input->id->toRfc4122(),
            $mark ?? throw Refusal::invalid('mark', 'How did it go? A closing mark is wanted, or a tally.'),
            $tally[0] ?? null,
            $tally[1] ?? null,
            $input->asked,
            $input->leftOut,
            $this->time->seenAt($input->at),
            $input->deviceId->toRfc4122(),
        );

        return new JsonResponse($this->views->of($this->setUp($setUpId)));
    }

    #[Route('/{setUpId}/choose', name: 'table_choose', methods: ['POST'], defaults: Who::TABLE)]
    #[OA\Response(response: 200, description: 'What follows, as chosen', content: new OA\JsonContent(ref: new Model(type: TableView::class)))]
    public function choose(string $setUpId, #[MapRequestPayload] ChoiceInput $input): JsonResponse
    {
        $stored = $this->setUp($setUpId);
        $sitting = $stored->sittings[$input->childId] ?? throw Refusal::invalid('childId', 'This child was not at it.');
        if (!$stored->isDone() || !$sitting->sitting->isAbout($input->stepId)) {
            throw Refusal::invalid('stepId', 'What follows is chosen when it is over, for a step it was about.');
        }
        $this->sittings->choose($sitting, $stored->date, $input->stepId, $input->kind);

        return new JsonResponse($this->views->of($this->setUp($setUpId)));
    }

    #[Route('/{setUpId}/note', name: 'table_note', methods: ['PUT'], defaults: Who::TABLE)]
    #[OA\Response(response: 200, description: 'Kept', content: new OA\JsonContent(ref: new Model(type: TableView::class)))]
    public function note(string $setUpId, #[MapRequestPayload] NoteBesideInput $input): JsonResponse
    {
        $this->setUp($setUpId);
        $this->sittings->note($setUpId, $input->note);

        return new JsonResponse($this->views->of($this->setUp($setUpId)));
    }

    #[Route('/{setUpId}/all-at-once', name: 'table_all_at_once', methods: ['POST'], defaults: Who::TABLE)]
    #[OA\Response(response: 200, description: 'A note of 0.7.0, recorded', content: new OA\JsonContent(ref: new Model(type: TableView::class)))]
    public function allAtOnce(string $setUpId, #[MapRequestPayload] AllAtOnceInput $input): JsonResponse
    {
        return $this->close($setUpId, $input->renewed());
    }

    #[Route('/{setUpId}/finish', name: 'table_finish', methods: ['POST'], defaults: Who::TABLE)]
    #[OA\Response(response: 200, description: 'What follows for each child', content: new OA\JsonContent(ref: new Model(type: TableView::class)))]
    public function finish(string $setUpId, #[MapRequestPayload] FinishInput $input): JsonResponse
    {
        $this->finishing->finish($this->setUp($setUpId), $input->ending);

        return new JsonResponse($this->views->of($this->setUp($setUpId)));
    }

    /** @throws Refusal 404 */
    private function setUp(string $id): StoredSetUp
    {
        return $this->plans->setUp($id) ?? throw Refusal::notFound('setUpId', 'This is not in the plan any more. Nothing was lost; look at Today again.');
    }

    /** @throws Refusal 422 when the sitting is of another set-up */
    private function sitting(StoredSetUp $stored, string $sittingId): StoredSitting
    {
        return $stored->sitting($sittingId) ?? throw Refusal::invalid('sittingId', 'This sitting does not belong to what is on the table.');
    }

    private function answer(Seen $seen, ChildRecord $record, ?AdviceView $advice = null, bool $isOver = false): JsonResponse
    {
        return new JsonResponse(new AttemptView(
            $seen->id,
            $seen->stepId,
            $record->mark($seen->stepId),
            Ladder::help($record->state($seen->stepId)),
            $advice,
            $isOver,
        ));
    }

    private function attempt(Asked $asked, AttemptInput $input): Attempt
    {
        $at = $this->time->seenAt($input->at);
        $guess = $counted = null;
        if ($asked->question->prompt->isGuess()) {
            $counted = $input->counted ?? throw Refusal::invalid('counted', 'How many were counted?');
            $guess = $input->guess ?? throw Refusal::invalid('guess', 'What was the guess?');
        }

        return $asked->attempt(
            $input->id->toRfc4122(),
            $input->sittingId->toRfc4122(),
            $this->map,
            $input->help,
            $input->outcome,
            $input->method,
            $input->slip,
            $at,
            $this->clock->dayOf($at),
            $input->deviceId->toRfc4122(),
            $guess,
            $counted,
        );
    }
}
