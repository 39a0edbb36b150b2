<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

use Pindle\App\Content\SkillFile;
use Pindle\App\Content\Words;
use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Http\Refusal;
use Pindle\App\Record\Evidence;
use Pindle\App\Record\Noticed;
use Pindle\App\Record\PhotographEntity;
use Pindle\App\Record\Photographs;
use Pindle\Core\Calendar\DayRange;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Child\Child;
use Pindle\Core\Journal\ForTheLetter;
use Pindle\Core\Skill\Step;

/** Writes the letter of a month: what was seen, in warm words, until the parent writes it their own way. */
final readonly class LetterPages
{
    /** So many months back a letter can be written. */
    private const MONTHS = 24;

    /** So many of the parent's own words are taken into it. */
    private const OWN = 2;

    public function __construct(
        private Letters $letters,
        private Evidence $evidence,
        private Noticed $noticed,
        private Photographs $photographs,
        private ChildPages $pages,
        private SkillFile $skills,
        private Words $words,
        private Who $who,
        private Clock $clock,
    ) {
    }

    /** @throws Refusal 422 for a month that is none, is to come, or lies before anything was seen */
    public function of(Child $child, ?string $month): LetterView
    {
        $months = $this->months($child->id);
        $month ??= $this->usual(array_keys($months));
        $time = $this->time($month);
        $kept = $this->letters->find($child->id, $month);
        $own = $this->noticed->words($child->id, $time->from, $time->to);
        $photographs = array_map(Who::photograph(...), $this->ofMonth($child->id, $time));
        $chosen = $kept?->photographId;

        return new LetterView(
            $this->who->one($child->id),
            $month,
            $this->words->month($time->from),
            $months,
            $kept->text ?? $this->suggested($child, $time, $own),
            null !== $kept,
            $kept->version ?? 0,
            // One that was taken away since is chosen no more.
            \in_array($chosen, array_column($photographs, 'id'), true) ? $chosen : null,
            $photographs,
            $own,
            $this->words->say('journal', 'letter-footnote'),
        );
    }

    /** @return list<PhotographEntity> of the child, or of the things alone */
    public function ofMonth(string $childId, DayRange $time): array
    {
        $all = array_merge(...array_values($this->photographs->between($time->from, $time->to)));

        return array_values(array_filter(
            $all,
            static fn (PhotographEntity $photograph): bool => [] === $photograph->childIds || \in_array($childId, $photograph->childIds, true),
        ));
    }

    /** @throws Refusal 422 */
    public function time(string $month): DayRange
    {
        if (1 !== preg_match('/^\d{4}-(0[1-9]|1[0-2])$/', $month)) {
            throw Refusal::invalid('month', 'A month is written as 2026-03.');
        }
        $from = LocalDate::parse($month.'-01');
        if ($from->isAfter($this->clock->today())) {
            throw Refusal::invalid('month', 'That month is still to come.');
        }

        return new DayRange($from, LocalDate::parse($from->toDateTime()->modify('last day of this month')->format('Y-m-d')));
    }

    /** @return array<string, string> newest first; this one at least */
    private function months(string $childId): array
    {
        $today = $this->clock->today();
        $first = $this->noticed->first($childId) ?? $today;
        $months = [];
        for ($day = $today; \count($months) < self::MONTHS; $day = LocalDate::parse(substr($day->toString(), 0, 7).'-01')->plusDays(-1)) {
            $months[substr($day->toString(), 0, 7)] = $this->words->month($day);
            if (substr($day->toString(), 0, 7) <= substr($first->toString(), 0, 7)) {
                break;
            }
        }

        return $months;
    }

    /**
     * The month that is over, while this one is young; this one later, or where there is no other.
     *
     * @param list<string> $months newest first
     */
    private function usual(array $months): string
    {
        return ForTheLetter::isAboutLastMonth($this->clock->today()) ? $months[1] ?? $months[0] : $months[0];
    }

    /** @param list<string> $own */
    private function suggested(Child $child, DayRange $time, array $own): string
    {
        $ways = $this->pages->ways($child->id, $time->from->plusDays(-7 * ForTheLetter::WEEKS_BEFORE));
        $letter = ForTheLetter::of($this->evidence->record($child), $ways, $time);
        $say = fn (string $key, array $values = []): string => $this->words->say('letter', $key, ['child' => $child->name] + $values);
        $paragraphs = [$say('opening', ['month' => $this->words->month($time->from)])];
        if ([] !== $letter->can) {
            $new = array_map(fn (Step $step): string => $say('done', ['done' => $this->done($step)]), $letter->can);
            $paragraphs[] = implode("\n", [$say('new'), ...$new]);
        }
        if (null !== $letter->wayThen && null !== $letter->wayNow) {
            $paragraphs[] = $say('way', [
                'then' => $this->words->say('letter_then', $letter->wayThen),
                'now' => $this->words->say('letter_now', $letter->wayNow),
            ]);
        }
        if ([] !== $letter->on) {
            $on = $this->words->list(array_map($this->called(...), $letter->on));
            $paragraphs[] = $say($this->clock->today()->isAfter($time->to) ? 'on-then' : 'on', ['what' => $on]);
        }
        if ($letter->isEmpty()) {
            $paragraphs[] = $say('quiet');
        }
        foreach (\array_slice($own, -self::OWN) as $words) {
            $paragraphs[] = $say('own', ['words' => $words]);
        }
        $paragraphs[] = $say('closing');

        return implode("\n\n", $paragraphs);
    }

    private function done(Step $step): string
    {
        return $this->words->say('glances', 'can', ['done' => $this->skills->words($step->skill->id)->done, 'reach' => $this->words->reach($step)]);
    }

    private function called(Step $step): string
    {
        return $this->words->say('letter', 'called', ['skill' => $this->words->skill($step), 'reach' => $this->words->reach($step)]);
    }
}
