<?php

declare(strict_types=1);

namespace Pindle\App\Platform;

use Pindle\App\Platform\Content\Library;
use Pindle\Core\Advice\Reason;
use Pindle\Core\Caution\Caution;
use Pindle\Core\Child\Answering;
use Pindle\Core\Child\Settings;
use Pindle\Core\Question\Ask;
use Pindle\Core\Question\Fact;
use Pindle\Core\Scene\Scene;
use Pindle\Core\Skill\Step;

/** Fills the sentence templates of content/words with the values that core gives its reasons. */
final readonly class Words
{
    public function __construct(private Library $library)
    {
    }

    /** @param array<string, int|string> $values */
    public function say(string $group, string|\BackedEnum $key, array $values = []): string
    {
        return self::fill($this->library->sentence($group, (string) ($key instanceof \BackedEnum ? $key->value : $key)), $values);
    }

    /**
     * {name} takes a value; {name?one:many} takes the first where the value is 1.
     *
     * @param array<string, int|string> $values
     */
    public static function fill(string $template, array $values): string
    {
        return (string) preg_replace_callback('/\{(\w+)(?:\?([^:{}]*):([^{}]*))?\}/', static function (array $found) use ($values): string {
            $value = $values[$found[1]] ?? throw new \LogicException(\sprintf('A sentence wants {%s}, which it is not given.', $found[1]));

            return isset($found[2], $found[3]) ? (1 === $value ? $found[2] : $found[3]) : (string) $value;
        }, $template);
    }

    /**
     * What to say to the child: in the way the child is taught, else in the activity's own words, else in the usual ones.
     *
     * @param Answering|null $answering how a written answer is given; null where nothing is written
     */
    public function ask(Fact $fact, string $familyId, string $thing, Settings $settings, ?Answering $answering): string
    {
        $ways = array_intersect_key($this->library->askWays($fact->ask), array_flip($settings->answers()));
        $template = array_values($ways)[0] ?? $this->library->familyWords($familyId)->say[$fact->ask->value] ?? $this->library->askWords($fact->ask, 'ask');

        return self::fill($template, $this->values($fact, $thing)).(null === $answering ? '' : ' '.$this->say('answering', $answering));
    }

    public function answer(Fact $fact, string $thing): string
    {
        return self::fill($this->library->askWords($fact->ask, 'answer'), $this->values($fact, $thing));
    }

    /**
     * Why a step was chosen.
     *
     * @param array<string, int|string> $values
     */
    public function reason(Reason $reason, array $values): string
    {
        return $this->say('reasons', $reason, $values + (match (true) {
            isset($values['clause']) => ['what' => $this->say('reason_wants', (string) $values['clause'])],
            isset($values['stuck']) => ['what' => $this->step($this->library->map()->step((string) $values['stuck']))],
            default => [],
        }));
    }

    public function alt(Scene $scene): string
    {
        return $this->say('scenes', $scene->alt, $scene->values);
    }

    public function caution(Caution $caution): string
    {
        return ucfirst(self::fill($this->library->cautionWords($caution->rule)->say, ['thing' => $caution->thing, 'child' => $caution->childName]));
    }

    /** "How many, to 10" in the words of the skill, without the reach. */
    public function skill(Step $step): string
    {
        return $this->library->skillWords($step->skill->id)->name;
    }

    /** The reach as it is shown: "to 10", or the name of a level. */
    public function reach(Step $step): string
    {
        return ctype_digit($step->reach) ? 'to '.$step->reach : $this->say('reaches', $step->reach);
    }

    public function step(Step $step): string
    {
        return $this->skill($step).', '.$this->reach($step);
    }

    /** @return array<string, int|string> */
    private function values(Fact $fact, string $thing): array
    {
        $answer = \is_string($fact->answer) ? $this->say('answers', $fact->answer) : $fact->answer;
        $values = $fact->numbers + ['answer' => $answer, 'things' => $thing];
        if (\in_array($fact->ask, [Ask::NameShape, Ask::FindShape], true)) {
            $values['shape'] = $this->say('shapes', (string) $fact->numbers['shape']);
        }
        if (\in_array($fact->ask, [Ask::WhichIsLonger, Ask::OrderSizes], true)) {
            $values['by'] = $this->say('sizes', (string) $fact->numbers['by']);
        }
        if (Ask::StoryJoin === $fact->ask) {
            $values['n'] = $fact->answer;
        }

        return $values;
    }
}
