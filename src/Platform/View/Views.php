<?php

declare(strict_types=1);

namespace Pindle\App\Platform\View;

use Pindle\App\Platform\Words;
use Pindle\Core\Child\Settings;
use Pindle\Core\Planning\Laid;
use Pindle\Core\Planning\SetUp;
use Pindle\Core\Question\Question;
use Pindle\Core\Scene\Item;
use Pindle\Core\Scene\Scenes;
use Pindle\Core\Skill\Form;
use Pindle\Core\Skill\SkillMap;
use Pindle\Core\Thing\Thing;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Pictures and steps as more than one room shows them. */
final readonly class Views
{
    public function __construct(private Words $words, private SkillMap $map)
    {
    }

    public function step(string $stepId): StepView
    {
        $step = $this->map->step($stepId);

        return new StepView($stepId, $this->words->skill($step), $this->words->reach($step));
    }

    public function scene(SetUp $setUp, Question $question, ?Form $form, Settings $settings, bool $varied): SceneView
    {
        $step = $this->map->step($question->stepId);
        $form = [] === $step->forms ? null : $form;
        [$first, $second] = self::things($setUp);
        $scene = Scenes::draw(
            $setUp->family->scene($form),
            $question->fact,
            $form,
            $first,
            $second,
            $settings,
            new Randomizer(new Xoshiro256StarStar(crc32($setUp->key.$question->stepId.$question->fact->key()))),
            $varied,
        );

        return new SceneView(
            round($scene->width, 1),
            round($scene->height, 1),
            array_map(static fn (Item $item): ItemView => new ItemView($item->kind->value, round($item->x, 1), round($item->y, 1), round($item->width, 1), round($item->height, 1), $item->glyph, $item->label, $item->faint), $scene->items),
            $this->words->alt($scene),
        );
    }

    /** @return list<string> what each thing laid out is called; of a kind that lies there for another role already, another colour is meant */
    public function laid(SetUp $setUp): array
    {
        $roles = [];

        return array_map(function (Laid $laid) use (&$roles): string {
            $name = 1 === $laid->count ? $laid->thing->single : $laid->thing->name;
            $again = $laid->roleId !== ($roles[$laid->thing->id] ??= $laid->roleId);

            return $again ? $this->words->say('laid', 'other-colour', ['thing' => $name]) : $name;
        }, $setUp->laid);
    }

    /**
     * The things of the first role and of the second, whatever they were split over.
     *
     * @return array{Thing|null, Thing|null}
     */
    private static function things(SetUp $setUp): array
    {
        $byRole = [];
        foreach ($setUp->laid as $laid) {
            $byRole[$laid->roleId] ??= $laid->thing;
        }
        $things = array_values($byRole);

        return [$things[0] ?? null, $things[1] ?? null];
    }
}
