<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Cupboard;

use Nelmio\ApiDocBundle\Attribute\Model;
use OpenApi\Attributes as OA;
use Pindle\App\Household\ThingEntity;
use Pindle\App\Household\Things;
use Pindle\App\Platform\Http\RawBody;
use Pindle\App\Platform\Http\Refusal;
use Pindle\Core\Thing\Shape;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Validator\Validator\ValidatorInterface;

/** A whole list of things at once, looked at line by line before any of it is written. */
#[Route('/api/cupboard')]
#[OA\Tag('Cupboard')]
final readonly class ListController
{
    public function __construct(private Things $things, private Filling $filling, private ValidatorInterface $validator)
    {
    }

    #[Route('/list', name: 'cupboard_take_list', methods: ['POST'], defaults: RawBody::CSV)]
    #[OA\RequestBody(content: new OA\MediaType(mediaType: 'text/csv', schema: new OA\Schema(type: 'string')))]
    #[OA\Response(response: 200, description: 'What each line does', content: new OA\JsonContent(ref: new Model(type: ListView::class)))]
    public function list(Request $request, #[MapQueryParameter] bool $write = false): JsonResponse
    {
        $rows = ThingsList::read(RawBody::bytes($request));
        $here = [];
        foreach ($this->things->kept() as $thing) {
            $here[mb_strtolower($thing->name)] = $thing;
        }
        $lines = $todo = $seen = [];
        foreach ($rows as $line => $cells) {
            try {
                $input = $this->input($cells);
                $key = mb_strtolower($input->name);
                if (isset($seen[$key])) {
                    throw Refusal::invalid('name', 'This thing stands in the list twice.');
                }
                $seen[$key] = true;
                [$view, $do] = $this->line($line, $input, $here[$key] ?? null);
                $lines[] = $view;
                $todo[] = $do;
            } catch (Refusal $e) {
                $says = ('' === (string) $e->field ? '' : $e->field.': ').$e->getMessage();
                $lines[] = new ListLineView($line, mb_substr($cells['name'] ?? '', 0, 60), null, LineDoes::Refused, $says);
            }
        }
        $count = static fn (LineDoes $does): int => \count(array_filter($lines, static fn (ListLineView $line): bool => $does === $line->does));
        $isWritten = $write && 0 === $count(LineDoes::Refused);
        if ($isWritten) {
            $this->things->together(static function () use ($todo): void {
                foreach (array_filter($todo) as $do) {
                    $do();
                }
            });
        }

        return new JsonResponse(new ListView($lines, $count(LineDoes::Add), $count(LineDoes::Change), $count(LineDoes::Refused), $isWritten));
    }

    /**
     * @return array{ListLineView, (\Closure(): void)|null} what is said of the line, and what is to be done
     *
     * @throws Refusal 422
     */
    private function line(int $line, ThingInput $input, ?ThingEntity $here): array
    {
        if (null === $here) {
            $thing = $this->filling->newThing($input);

            return [new ListLineView($line, $thing->name, $thing->amount, LineDoes::Add, 'new'), fn () => $this->things->add($thing)];
        }
        if ($here->amount === $input->amount && (null === $input->size || $here->size == $input->size)) {
            return [new ListLineView($line, $here->name, $here->amount, LineDoes::Same, 'as it is'), null];
        }
        $says = $here->amount === $input->amount ? 'another size' : \sprintf('%d, was %d', $input->amount, $here->amount);

        return [new ListLineView($line, $here->name, $input->amount, LineDoes::Change, $says), function () use ($here, $input): void {
            $this->things->change($here->id, $here->version, static function (ThingEntity $thing) use ($input): void {
                [$thing->amount, $thing->size] = [$input->amount, $input->size ?? $thing->size];
            });
        }];
    }

    /**
     * @param array<string, string> $cells column => text
     *
     * @throws Refusal 422
     */
    private function input(array $cells): ThingInput
    {
        $number = static fn (string $column, string $field): ?float => !isset($cells[$column]) ? null : ThingsList::number($cells[$column])
            ?? throw Refusal::invalid($field, \sprintf('"%s" is no number.', mb_substr($cells[$column], 0, 20)));
        $amount = $number('amount', 'amount') ?? throw Refusal::invalid('amount', 'How many are there?');
        if ((float) (int) $amount !== $amount) {
            throw Refusal::invalid('amount', 'An amount is a whole number.');
        }
        $long = $number('long', 'longest side');
        $middle = $number('middle', 'middle side') ?? $long;
        $short = $number('short', 'shortest side') ?? $middle;
        $colours = $number('colours', 'colours') ?? 1.0;
        $input = new ThingInput(
            $cells['name'] ?? '',
            (int) $amount,
            null === $long || null === $middle || null === $short ? null : self::sorted([$short, $middle, $long]),
            Shape::tryFrom(mb_strtolower($cells['shape'] ?? 'unknown')) ?? throw Refusal::invalid('shape', 'There is no such shape.'),
            [],
            array_values(array_filter(array_map(trim(...), explode(',', $cells['allergens'] ?? '')), static fn (string $one): bool => '' !== $one)),
            $number('mass', 'weight'),
            null,
            (int) $colours,
            null,
            $cells['keptAt'] ?? null,
        );
        foreach ($this->validator->validate($input) as $violation) {
            throw Refusal::invalid($violation->getPropertyPath(), (string) $violation->getMessage());
        }

        return $input;
    }

    /**
     * @param list<float> $sides
     *
     * @return list<float>
     */
    private static function sorted(array $sides): array
    {
        sort($sides);

        return $sides;
    }
}
