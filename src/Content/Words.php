<?php

declare(strict_types=1);

namespace Pindle\App\Content;

use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Caution\Caution;
use Pindle\Core\Child\Answering;
use Pindle\Core\Child\Asking;
use Pindle\Core\Child\Settings;
use Pindle\Core\Question\Comparison;
use Pindle\Core\Question\Kind\CarryOn;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Property;
use Pindle\Core\Question\Shape;
use Pindle\Core\Skill\Form;
use Pindle\Core\Skill\Step;
use Symfony\Component\Translation\Formatter\IntlFormatter;

/** Says what core gives reasons for: ICU messages of content/words filled with values. A message that is not there, or a value it is not given, is an error. */
final class Words
{
    public const LOCALE = 'en_GB';

    private readonly IntlFormatter $formatter;

    /** @var array<string, \IntlDateFormatter> by pattern */
    private static array $writers = [];

    public function __construct(private readonly ContentFiles $files, private readonly SkillFile $skills, private readonly CautionFile $cautions)
    {
        $this->formatter = new IntlFormatter();
    }

    /**
     * @param array<string, int|float|string|\BackedEnum|null> $values
     *
     * @throws BrokenContent when there is no such message
     */
    public function say(string $group, string|\BackedEnum $key, array $values = []): string
    {
        return $this->fill($this->message($group, (string) ($key instanceof \BackedEnum ? $key->value : $key)), $values);
    }

    /**
     * A message with its values in it. Numbers must be numbers: a text where one, many and none are told apart is an error.
     *
     * @param array<string, int|float|string|\BackedEnum|null> $values
     */
    public function fill(string $pattern, array $values): string
    {
        $given = [];
        foreach (Pattern::read($pattern) ?? throw new \LogicException(\sprintf('The braces of "%s" do not match.', $pattern)) as $name => $uses) {
            $value = $values[$name] ?? throw new \LogicException(\sprintf('"%s" wants {%s}, which it is not given.', $pattern, $name));
            $given[$name] = $value instanceof \BackedEnum ? $value->value : $value;
            if ([] !== array_intersect(['plural', 'number'], $uses) && !\is_int($given[$name])) {
                throw new \LogicException(\sprintf('"%s" wants a whole number for {%s}.', $pattern, $name));
            }
        }

        return [] === $given ? $pattern : $this->formatter->formatIntl($pattern, self::LOCALE, $given);
    }

    /**
     * What to say to the child, or with it where it says along: in the way the child is taught, else in the activity's own words, else in the usual ones.
     *
     * @param array<string, string> $own       what the activity says itself, by question
     * @param Answering|null        $answering how a written answer is given; null where nothing is written
     */
    public function ask(Prompt $prompt, array $own, string $thing, Settings $settings, ?Answering $answering): string
    {
        $entry = $this->asked($prompt);
        $values = $this->values($prompt, $thing);
        if (Asking::SayAlong === $settings->asking) {
            return $this->fill($entry->text('along'), $values);
        }
        $ways = array_intersect_key($entry->textMap('ways'), array_flip($settings->answers()));
        // A way that does not go with these numbers says nothing.
        $taught = [] === $ways ? '' : $this->fill(array_values($ways)[0], $values);

        return ('' === $taught ? $this->fill($own[$prompt->ask] ?? $entry->text('ask'), $values) : $taught)
            .(null === $answering || !$prompt->isAnsweredByNumber() ? '' : ' '.$this->say('answering', $answering));
    }

    /**
     * What is asked in a sitting, question by question: a sentence comes whole, then in shorter ways before it comes whole again,
     * so that nothing is said to death.
     *
     * @param list<Prompt>          $prompts
     * @param array<string, string> $own     what the activity says itself, by question
     *
     * @return list<string>
     */
    public function asks(array $prompts, array $own, string $thing, Settings $settings, ?Answering $answering): array
    {
        [$asks, $said] = [[], []];
        foreach ($prompts as $prompt) {
            $whole = $this->ask($prompt, $own, $thing, $settings, $answering);
            $said[$whole] = ($said[$whole] ?? -1) + 1;
            // Saying along has no shorter way: it says the answer, which is another each time.
            $again = Asking::SayAlong === $settings->asking ? [] : $this->asked($prompt)->texts('again');
            $way = $said[$whole] % (\count($again) + 1);
            $asks[] = 0 === $way ? $whole : $this->fill($again[$way - 1], $this->values($prompt, $thing));
        }

        return $asks;
    }

    /** @param list<string> $kinds one of each kind of things that lie out, in the order of their roles */
    public function answer(Prompt $prompt, string $thing, array $kinds = []): string
    {
        return $this->fill($this->asked($prompt)->text('answer'), $this->values($prompt, $thing) + ['goes' => $this->goes($prompt, $kinds)]);
    }

    /** What the parent is told beside the question, in this form; null where there is nothing to tell. */
    public function forParent(Prompt $prompt, ?Form $form): ?string
    {
        $entry = $this->asked($prompt);
        $isThere = \in_array($form, [Form::Things, Form::Pictures], true);

        return $entry->flag('with_things') && !$isThere ? null : $entry->textOrNull('for_parent');
    }

    /**
     * What comes next in a pattern, thing by thing.
     *
     * @param list<string> $kinds
     */
    private function goes(Prompt $prompt, array $kinds): ?string
    {
        return !$prompt instanceof CarryOn ? null : implode(', ', array_map(
            fn (int $kind): string => $kinds[$kind] ?? $this->say('kinds', ['first', 'second', 'third'][$kind]),
            $prompt->goesOn(),
        ));
    }

    private function asked(Prompt $prompt): Entry
    {
        return $this->files->entry('words/asks', $prompt->ask, $this->files->file('words/asks')[$prompt->ask] ?? null);
    }

    public function caution(Caution $caution): string
    {
        $values = ['thing' => $caution->thing, 'child' => $caution->childName, 'what' => $caution->what];

        return ucfirst($this->fill($this->cautions->words($caution->rule)->say, $values));
    }

    /** The same in a word or two, for a chip. */
    public function cautionShort(Caution $caution): string
    {
        return $this->fill($this->cautions->words($caution->rule)->short, ['what' => $caution->what]);
    }

    /** @return array{string, string} why a caution is given, and where it is from */
    public function cautionWhy(Caution $caution): array
    {
        return [$this->cautions->words($caution->rule)->why, $this->cautions->words($caution->rule)->source];
    }

    /** "Tell how many", without the reach. */
    public function skill(Step $step): string
    {
        return $this->skills->words($step->skill->id)->name;
    }

    /** The reach as it is shown: "to 10", or the name of a level. */
    public function reach(Step $step): string
    {
        return $step->reach->isNumber() ? $this->say(
            'reaches',
            'number',
            ['n' => $step->size],
        ) : $this->skills->words($step->skill->id)->reaches[$step->reach->name];
    }

    public function step(Step $step): string
    {
        return $this->skill($step).', '.$this->reach($step);
    }

    /**
     * "one, another and a third".
     *
     * @param non-empty-list<string> $parts
     */
    public function list(array $parts): string
    {
        $last = array_pop($parts);

        return [] === $parts ? $last : $this->say('stand_ins', 'two', ['one' => implode(', ', $parts), 'other' => $last]);
    }

    /** "3 Oct"; with the year where it is another than today's. */
    public function shortDay(LocalDate $day, LocalDate $today): string
    {
        return self::dayAs(substr($day->toString(), 0, 4) === substr($today->toString(), 0, 4) ? 'd MMM' : 'd MMM y', $day);
    }

    /** "Tuesday 3 March"; with the year where it is another than today's. */
    public function longDay(LocalDate $day, ?LocalDate $today = null): string
    {
        return self::dayAs(null === $today || substr($day->toString(), 0, 4) === substr($today->toString(), 0, 4) ? 'EEEE d MMMM' : 'EEEE d MMMM y', $day);
    }

    /** "3 March 2026". */
    public function dated(LocalDate $day): string
    {
        return self::dayAs('d MMMM y', $day);
    }

    /** "Tuesday". */
    public function weekday(LocalDate $day): string
    {
        return self::dayAs('EEEE', $day);
    }

    /** "March 2026". */
    public function month(LocalDate $day): string
    {
        return self::dayAs('MMMM y', $day);
    }

    private static function dayAs(string $pattern, LocalDate $day): string
    {
        // Making one takes longer than all it will write.
        $writer = self::$writers[$pattern] ??= new \IntlDateFormatter('en_GB', \IntlDateFormatter::NONE, \IntlDateFormatter::NONE, 'UTC', null, $pattern);
        $said = $writer->format($day->toDateTime());

        return false === $said ? throw new \LogicException('No day can be said.') : $said;
    }

    /** @throws BrokenContent */
    private function message(string $group, string $key): string
    {
        return $this->files->entry('words/sentences', $group, $this->files->file('words/sentences')[$group] ?? null)->text($key);
    }

    /** @return array<string, int|string|\BackedEnum|null> */
    private function values(Prompt $prompt, string $thing): array
    {
        return ['things' => $thing] + array_map(fn (mixed $value): mixed => match (true) {
            $value instanceof Comparison => $this->say('comparisons', $value),
            $value instanceof Shape => $this->say('shapes', $value),
            $value instanceof Property => $this->say('properties', $value),
            default => $value,
        }, $prompt->values());
    }
}
