<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Evening;

use Nelmio\ApiDocBundle\Attribute\Model;
use OpenApi\Attributes as OA;
use Pindle\App\Content\SkillFile;
use Pindle\App\Content\Words;
use Pindle\App\Household\Activities;
use Pindle\App\Household\Children;
use Pindle\App\Platform\Clock;
use Pindle\App\Views\Pictures;
use Pindle\App\Views\Views;
use Pindle\Core\Activity\Prop;
use Pindle\Core\Caution\Cautions;
use Pindle\Core\Child\Settings;
use Pindle\Core\Planning\Laid;
use Pindle\Core\Thing\Thing;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/evening')]
#[OA\Tag('Evening')]
#[OA\Response(response: 200, description: 'Where the first evening stands', content: new OA\JsonContent(ref: new Model(type: EveningView::class)))]
final readonly class EveningController
{
    public function __construct(
        private Evening $evening,
        private Children $children,
        private Activities $activities,
        private Cautions $cautions,
        private SkillFile $skills,
        private Words $words,
        private Views $views,
        private Pictures $pictures,
        private Clock $clock,
    ) {
    }

    #[Route('', name: 'evening', methods: ['GET'])]
    public function look(): JsonResponse
    {
        $evening = $this->evening->kept();
        $screen = $this->evening->screen($evening);
        $child = null === $evening ? null : $this->evening->child($evening);

        return new JsonResponse(new EveningView(
            $screen,
            $child?->name,
            Screen::Who === $screen ? array_map(
                static fn ($allergen): AllergenView => new AllergenView($allergen->id, $allergen->name),
                $this->cautions->known(),
            ) : [],
            Screen::Things === $screen
                ? array_map(fn (Thing $thing): InSightView => $this->inSight($thing, $evening->thingIds ?? []), $this->evening->inSight())
                : [],
            Screen::Cards === $screen && null !== $evening ? $this->card($evening) : null,
            \in_array($screen, [Screen::Tomorrow, Screen::Done, Screen::Morning], true) && null !== $evening ? $this->offer($evening) : null,
            Screen::Over === $screen && null !== $evening && null === $evening->mark ? $this->evening->table($evening) : null,
            null === $evening?->mark ? null : $this->words->say('first_mornings', $evening->mark, ['child' => $child->name ?? '']),
        ));
    }

    #[Route('/who', name: 'evening_who', methods: ['POST'])]
    public function who(#[MapRequestPayload] WhoInput $input): JsonResponse
    {
        $this->evening->begin($input);

        return $this->look();
    }

    #[Route('', name: 'evening_go', methods: ['POST'])]
    public function go(#[MapRequestPayload] StepInput $input): JsonResponse
    {
        $this->evening->go($input);

        return $this->look();
    }

    #[Route('/back', name: 'evening_back', methods: ['POST'])]
    public function back(#[MapRequestPayload] StepInput $input): JsonResponse
    {
        $this->evening->back($input->screen);

        return $this->look();
    }

    /** @param list<string> $chosen */
    private function inSight(Thing $thing, array $chosen): InSightView
    {
        $today = $this->clock->today();
        $blocking = array_values(array_filter(
            $this->cautions->about($thing, $this->children->present($today), $today),
            static fn ($caution): bool => $caution->blocks(),
        ));

        return new InSightView(
            $thing->id,
            $thing->name,
            $this->pictures->thing($thing),
            \in_array($thing->id, $chosen, true),
            [] === $blocking ? null : $this->views->cautions($blocking)[0]->short,
        );
    }

    private function card(EveningEntity $evening): ?CardView
    {
        $step = $this->evening->card($evening);
        if (null === $step) {
            return null;
        }
        $done = $this->skills->words($step->skill->id)->done;

        return new CardView(
            $step->id,
            \count($evening->answers) + 1,
            $this->evening->cards(),
            $step->reach->isNumber() ? $this->words->say('evening', 'card', ['does' => $done, 'reach' => $this->words->reach($step)]) : ucfirst($done).'.',
        );
    }

    private function offer(EveningEntity $evening): ?OfferView
    {
        $setUp = $this->evening->offer($evening);
        if (null === $setUp) {
            return null;
        }
        $words = $this->activities->words($setUp->activity->id);
        $question = $setUp->sittings[0]->questions[0];
        $child = $this->evening->child($evening);
        $settings = $child->settings ?? new Settings();
        $thing = $setUp->laid[0]->thing->name ?? $this->words->say('stand_ins', 'counters', ['count' => 2]);

        return new OfferView(
            $words->name,
            $words->inShort,
            [
                ...array_map(static fn (Laid $laid): string => $laid->count.' '.(1 === $laid->count ? $laid->thing->single : $laid->thing->name), $setUp->laid),
                ...array_map(static fn (Prop $prop): string => $prop->thing->name, $setUp->props),
            ],
            $this->words->ask($question->prompt, $words->say, $thing, $settings, null),
            $this->words->answer($question->prompt, $thing),
            $words->further,
            $words->easier,
            $this->views->cautions($setUp->warnings),
            $this->pictures->question($setUp, $question, $setUp->sittings[0]->course()->form, $settings, false),
        );
    }
}
