<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\House;

use Nelmio\ApiDocBundle\Attribute\Model;
use OpenApi\Attributes as OA;
use Pindle\App\Content\ContentFiles;
use Pindle\App\Content\SchoolFile;
use Pindle\App\Household\Activities;
use Pindle\App\Household\House;
use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Database\SetAside;
use Pindle\App\Platform\Database\SetAsideEntity;
use Pindle\App\Platform\Http\Refusal;
use Pindle\App\Platform\Release;
use Pindle\Core\Activity\HouseRule;
use Pindle\Core\Child\CoinSet;
use Pindle\Core\Child\InvalidCoins;
use Pindle\Core\Child\Setting;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/house')]
#[OA\Tag('House')]
final readonly class HouseController
{
    public function __construct(
        private House $house,
        private SchoolFile $schools,
        private ContentFiles $files,
        private SetAside $aside,
        private Activities $activities,
        private Clock $clock,
        private string $dataDir,
        private bool $demo,
    ) {
    }

    #[Route('', name: 'house_look', methods: ['GET'])]
    #[OA\Response(response: 200, description: 'The house', content: new OA\JsonContent(ref: new Model(type: HouseView::class)))]
    public function look(): JsonResponse
    {
        return new JsonResponse(new HouseView(
            $this->clock->today()->toString(),
            $this->clock->zone->getName(),
            null !== $this->house->zone(),
            realpath($this->dataDir) ?: $this->dataDir,
            $this->demo,
            Release::NUMBER,
            $this->house->settings(),
            array_map($this->question(...), Setting::cases()),
            array_map(static fn (HouseRule $rule): string => $rule->value, $this->house->rules()),
            array_map($this->rule(...), HouseRule::cases()),
            $this->house->coins()->toString(),
            $this->house->version(),
            [
                ...array_map($this->setAside(...), $this->aside->all()),
                ...array_map(
                    static fn (string $broken): SetAsideView => new SetAsideView('An activity of your own: '.$broken, ''),
                    $this->activities->broken(),
                ),
            ],
        ));
    }

    #[Route('', name: 'house_change', methods: ['PUT'])]
    #[OA\Response(response: 200, description: 'The house', content: new OA\JsonContent(ref: new Model(type: HouseView::class)))]
    public function change(#[MapRequestPayload] HouseInput $input): JsonResponse
    {
        try {
            $coins = '' === trim($input->coins) ? CoinSet::play() : CoinSet::parse($input->coins);
        } catch (InvalidCoins $e) {
            throw Refusal::invalid('coins', $e->getMessage());
        }
        $this->house->change($input->settings, array_map(HouseRule::from(...), array_values($input->rules)), $coins, $input->version);

        return $this->look();
    }

    #[Route('/zone', name: 'house_zone', methods: ['PUT'])]
    #[OA\Response(response: 204, description: 'The days of the household are those of this zone from now on')]
    public function zone(#[MapRequestPayload] ZoneInput $input): JsonResponse
    {
        $this->house->moveTo($input->zone);

        return new JsonResponse(null, 204);
    }

    private function setAside(SetAsideEntity $row): SetAsideView
    {
        $was = json_decode($row->asItWas, true);
        $named = \is_array($was) && \is_string($was['name'] ?? $was['day'] ?? $was['date'] ?? null) ? ': '.($was['name'] ?? $was['day'] ?? $was['date']) : '';
        $what = match ($row->ofTable) {
            'child' => 'A child. In its place is one who is kept from everything until you fill it in again',
            'thing' => 'A thing of the cupboard',
            'own_activity' => 'An activity of your own',
            'attempt' => 'A try',
            'note' => 'A note',
            'set_up', 'sitting', 'revision', 'day' => 'Something planned',
            'first_look' => 'A first look',
            'house' => 'What the house chose',
            'week' => 'How the week is used',
            'filed' => 'What was given to a calendar',
            'photograph' => 'A photograph',
            'letter' => 'A letter',
            'portfolio_page' => 'A page of a portfolio',
            default => 'Something that was worked out, and is worked out anew',
        };

        return new SetAsideView($what.$named, $this->clock->dayOf($row->at)->toString());
    }

    private function rule(HouseRule $rule): RuleView
    {
        $words = $this->files->entry('house-rules', $rule->value, $this->files->file('house-rules')[$rule->value] ?? null);

        return new RuleView($rule->value, $words->text('words'), $words->text('leaves_out'), $words->text('instead'));
    }

    private function question(Setting $setting): SettingView
    {
        $words = $this->schools->words($setting);

        return new SettingView($setting->value, $words->question, $words->views, array_map(
            static fn (string $answer): SettingAnswerView => new SettingAnswerView(
                $answer,
                $words->answers[$answer]['words'],
                $words->answers[$answer]['note'],
            ),
            $setting->answers(),
        ));
    }
}
