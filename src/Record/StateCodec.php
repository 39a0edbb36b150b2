<?php

declare(strict_types=1);

namespace Pindle\App\Record;

use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Evidence\Attempt;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\Ladder;
use Pindle\Core\Evidence\LastSitting;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Evidence\Memory;
use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Evidence\Spread;
use Pindle\Core\Evidence\Standing;
use Pindle\Core\Evidence\StepState;
use Pindle\Core\Evidence\Window;
use Pindle\Core\Skill\Form;

/**
 * A kept state as text and back again, without losing a bit.
 *
 * @phpstan-type StoredAttempt array{
 *     string, string, string, string|null, string, list<string>, string, int|null, string, string|null, string|null, int, int, string, float|null, bool
 * }
 * @phpstan-type StoredState array{
 *     p: float, h: float|null, c: int|null, n: int, w: list<StoredAttempt>, s: bool, f: string|null, u: int, ny: int, he: string|null,
 *     q: array<string, array{int, int}>, fl: string|null, bh: string|null, t: int|null, fs: string|null,
 *     sp: array{int, int, int|null, int|null, list<string>, list<string>}
 * }
 */
final class StateCodec
{
    public static function write(StepState $state): string
    {
        $spread = $state->spread;

        return json_encode([
            'p' => $state->p,
            'h' => $state->memory->halfLife,
            'c' => $state->memory->clock?->dayNumber,
            'n' => $state->window->count,
            'w' => array_map(static fn (Attempt $attempt): array => [
                $attempt->id, $attempt->sittingId, $attempt->activityId, $attempt->form?->value, $attempt->help->value,
                $attempt->thingIds, $attempt->question, $attempt->choices, $attempt->outcome->value, $attempt->method?->value,
                $attempt->slip?->value, (int) $attempt->at->format('Uv'), $attempt->day->dayNumber, $attempt->deviceId, $attempt->error,
                $attempt->isLook,
            ], $state->window->attempts),
            's' => $state->standing->secured,
            'f' => $state->ladder->form?->value,
            'u' => $state->ladder->unaided,
            'ny' => $state->ladder->notYet,
            'he' => $state->ladder->help?->value,
            'q' => (object) array_map(static fn (array $asked): array => [$asked['seen'], $asked['unaided']], $state->window->questions),
            'fl' => $state->standing->floor?->value,
            'bh' => $state->standing->byHand?->value,
            't' => $state->touched?->dayNumber,
            'fs' => $state->window->firstSitting,
            'sp' => [$spread->days, $spread->countedAt, $spread->first?->dayNumber, $spread->last?->dayNumber, $spread->activities, $spread->things],
        ], \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION);
    }

    public static function read(string $stepId, string $text): StepState
    {
        /** @var StoredState $data */
        $data = json_decode($text, true, 32, \JSON_THROW_ON_ERROR);
        $day = static fn (?int $number): ?LocalDate => null === $number ? null : LocalDate::fromDayNumber($number);
        $spread = $data['sp'];

        return new StepState(
            $data['p'],
            new Memory($data['h'], $day($data['c'])),
            new Ladder(null === $data['f'] ? null : Form::from($data['f']), $data['u'], $data['ny'], null === $data['he'] ? null : Help::from($data['he'])),
            new Window(
                array_map(static fn (array $attempt): Attempt => self::readAttempt($stepId, $attempt), $data['w']),
                $data['n'],
                array_map(static fn (array $asked): array => ['seen' => $asked[0], 'unaided' => $asked[1]], $data['q']),
                $data['fs'],
            ),
            new Spread($spread[0], $spread[1], $day($spread[2]), $day($spread[3]), $spread[4], $spread[5]),
            new Standing($data['s'], null === $data['fl'] ? null : Mark::from($data['fl']), null === $data['bh'] ? null : Mark::from($data['bh'])),
            $day($data['t']),
        );
    }

    /** @param list<LastSitting> $sittings */
    public static function writeSittings(array $sittings): string
    {
        return json_encode(
            array_map(static fn (LastSitting $sitting): array => [$sitting->sittingId, $sitting->activityId, $sitting->thingIds, $sitting->stepIds], $sittings),
            \JSON_THROW_ON_ERROR,
        );
    }

    /** @return list<LastSitting> */
    public static function readSittings(string $text): array
    {
        /** @var list<array{string, string, list<string>, list<string>}> $data */
        $data = json_decode($text, true, 8, \JSON_THROW_ON_ERROR);

        return array_map(static fn (array $sitting): LastSitting => new LastSitting(...$sitting), $data);
    }

    /** @param StoredAttempt $attempt */
    private static function readAttempt(string $stepId, array $attempt): Attempt
    {
        return new Attempt(
            $attempt[0],
            $stepId,
            $attempt[1],
            $attempt[2],
            null === $attempt[3] ? null : Form::from($attempt[3]),
            Help::from($attempt[4]),
            $attempt[5],
            $attempt[6],
            $attempt[7],
            Outcome::from($attempt[8]),
            null === $attempt[9] ? null : Method::from($attempt[9]),
            null === $attempt[10] ? null : Slip::from($attempt[10]),
            AttemptEntity::instant($attempt[11]),
            LocalDate::fromDayNumber($attempt[12]),
            $attempt[13],
            $attempt[14],
            $attempt[15],
        );
    }
}
