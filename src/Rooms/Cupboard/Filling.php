<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Cupboard;

use Pindle\App\Content\CautionFile;
use Pindle\App\Content\ThingFile;
use Pindle\App\Content\Words;
use Pindle\App\Household\ThingEntity;
use Pindle\App\Household\Things;
use Pindle\App\Platform\Http\Refusal;
use Pindle\Core\Caution\Cautions;
use Pindle\Core\Thing\Ability;
use Symfony\Component\String\Inflector\EnglishInflector;

/** Makes a thing of what a parent wrote about it. */
final readonly class Filling
{
    public function __construct(
        private Things $things,
        private ThingFile $file,
        private CautionFile $cautionFile,
        private Cautions $cautions,
        private Words $words,
    ) {
    }

    /** @throws Refusal 422 */
    public function newThing(ThingInput $input): ThingEntity
    {
        $thing = new ThingEntity('', '', 0);
        $this->fill($thing, $input);
        // A thing of the household's own that is called like an ordinary one looks like it too, and keeps its cautions.
        foreach ($this->file->things() as $shipped) {
            if (mb_strtolower($thing->name) === mb_strtolower($shipped->name)) {
                $thing->glyph = $shipped->glyph;
                $thing->traits = array_values(array_unique([...$thing->traits, ...$shipped->traits]));
                $thing->allergens = array_values(array_unique([...$thing->allergens, ...$shipped->allergens]));
            }
        }

        return $thing;
    }

    /** @throws Refusal 422 */
    public function fill(ThingEntity $thing, ThingInput $input): void
    {
        $name = trim($input->name);
        if ($name !== $thing->name) {
            $thing->name = $name;
            $thing->single = (new EnglishInflector())->singularize($name)[0] ?? $name;
        }
        $thing->amount = $input->amount;
        $thing->size = $input->size;
        $thing->shape = $input->shape;
        $thing->traits = $input->traits;
        $thing->mass = $input->mass;
        $thing->massDeviation = $input->massDeviation;
        $thing->colours = $input->colours;
        $thing->keptAt = '' === trim($input->keptAt ?? '') ? null : trim((string) $input->keptAt);
        $thing->can = null === $input->can ? null : array_map(static fn (Ability $ability): string => $ability->value, $input->can);
        $thing->allergens = array_map(static fn (string $allergen): string => mb_strtolower(trim($allergen)), $input->allergens);
        foreach ($input->can ?? [] as $i => $ability) {
            if ($ability->isAgainst($input->shape)) {
                throw Refusal::invalid('can.'.$i, $this->words->say('cupboard', 'against', [
                    'shape' => $this->words->say('thing_shapes', $input->shape),
                    'ability' => $this->words->say('abilities', $ability),
                ]));
            }
        }
        $refusal = $this->cautions->refusal($this->things->thing($thing));
        if (null !== $refusal) {
            $words = $this->cautionFile->words($refusal->id);
            throw Refusal::invalid('name', $this->words->fill($words->say, ['thing' => ucfirst($name)]).' '.$words->why);
        }
    }
}
