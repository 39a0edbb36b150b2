<?php

declare(strict_types=1);

namespace Pindle\App\Record;

use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\Ladder;
use Pindle\Core\Evidence\LastSitting;
use Pindle\Core\Evidence\Looks;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Evidence\Memory;
use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Purpose;
use Pindle\Core\Evidence\RestsOn;
use Pindle\Core\Evidence\Spread;
use Pindle\Core\Evidence\Standing;
use Pindle\Core\Evidence\StepState;
use Pindle\Core\Evidence\Window;
use Pindle\Core\Evidence\WindowPlace;
use Pindle\Core\Skill\Form;

/**
 * A kept state as text and back again, without losing a bit.
 *
 * @phpstan-type StoredPlace array{string, string, int, int, string|null, float|null, string, string|null}
 * @phpstan-type StoredSpread array{int, int, int|null, int|null, list<string>, list<string>}
 * @phpstan-type StoredState array{
 *     p: float, h: float|null, c: int|null, n: int, w: list<StoredPlace>, s: int|null, f: string|null, u: int, ny: int, he: string|null,
 *     q: array<string, array{int, int}>, m: list<array{string, int}>, ms: int, fl: string|null, bh: string|null, t: int|null,
 *     sp: StoredSpread, cl: StoredSpread, ro: array{int, int, int, bool}, lo: array{int, int, int}
 * }
 */
final class StateCodec
{
    /** What a place says besides, each a bit of one number. */
    private const UNAIDED = 1;
    private const OPEN = 2;
    private const AT_ONCE = 4;
    private const CLOSING = 8;

    public static function write(StepState $state): string
    {
        return json_encode([
            'p' => $state->p,
            'h' => $state->memory->halfLife,
            'c' => $state->memory->clock?->dayNumber,
            'n' => $state->window->count,
            'w' => array_map(self::place(...), $state->window->places),
            's' => $state->standing->canDoSince?->dayNumber,
            'f' => $state->ladder->form?->value,
            'u' => $state->ladder->unaided,
            'ny' => $state->ladder->notYet,
            'he' => $state->ladder->help?->value,
            'q' => (object) array_map(static fn (array $asked): array => [$asked['seen'], $asked['unaided']], $state->window->questions),
            'm' => array_map(static fn (array $met): array => [$met[0], $met[1]->dayNumber], $state->window->sittings),
            'ms' => $state->window->still,
            'fl' => $state->standing->floor?->value,
            'bh' => $state->standing->byHand?->value,
            't' => $state->touched?->dayNumber,
            'sp' => self::spread($state->spread),
            'cl' => self::spread($state->closings),
            'ro' => [$state->restsOn->closings, $state->restsOn->checks, $state->restsOn->witnessed, $state->restsOn->byHand],
            'lo' => self::looks($state->looks),
        ], \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION);
    }

    public static function read(string $text): StepState
    {
        /** @var StoredState $data */
        $data = json_decode($text, true, 32, \JSON_THROW_ON_ERROR);

        return new StepState(
            $data['p'],
            new Memory($data['h'], self::day($data['c'])),
            new Ladder(null === $data['f'] ? null : Form::from($data['f']), $data['u'], $data['ny'], null === $data['he'] ? null : Help::from($data['he'])),
            new Window(
                array_map(self::readPlace(...), $data['w']),
                $data['n'],
                array_map(static fn (array $asked): array => ['seen' => $asked[0], 'unaided' => $asked[1]], $data['q']),
                array_map(static fn (array $met): array => [$met[0], LocalDate::fromDayNumber($met[1])], $data['m']),
                $data['ms'],
            ),
            self::readSpread($data['sp']),
            new Standing(
                self::day($data['s']),
                null === $data['fl'] ? null : Mark::from($data['fl']),
                null === $data['bh'] ? null : Mark::from($data['bh']),
            ),
            self::day($data['t']),
            self::readSpread($data['cl']),
            new RestsOn(...$data['ro']),
            new Looks(...$data['lo']),
        );
    }

    public static function writeLooks(Looks $looks): string
    {
        return json_encode(self::looks($looks), \JSON_THROW_ON_ERROR);
    }

    public static function readLooks(string $text): Looks
    {
        /** @var array{int, int, int} $data */
        $data = json_decode($text, true, 4, \JSON_THROW_ON_ERROR);

        return new Looks(...$data);
    }

    /** @param list<LastSitting> $sittings */
    public static function writeSittings(array $sittings): string
    {
        return json_encode(
            array_map(static fn (LastSitting $sitting): array => [$sitting->sittingId, $sitting->activityId, $sitting->thingIds], $sittings),
            \JSON_THROW_ON_ERROR,
        );
    }

    /** @return list<LastSitting> */
    public static function readSittings(string $text): array
    {
        /** @var list<array{string, string, list<string>}> $data */
        $data = json_decode($text, true, 8, \JSON_THROW_ON_ERROR);

        return array_map(static fn (array $sitting): LastSitting => new LastSitting(...$sitting), $data);
    }

    /** @return StoredPlace */
    private static function place(WindowPlace $place): array
    {
        $bits = ($place->isUnaided ? self::UNAIDED : 0)
            | ($place->isOpen ? self::OPEN : 0)
            | ($place->isAtOnce ? self::AT_ONCE : 0)
            | ($place->isClosing ? self::CLOSING : 0);

        return [
            $place->sittingId,
            $place->activityId,
            $place->day->dayNumber,
            $bits,
            $place->form?->value,
            $place->error,
            $place->purpose->value,
            $place->method?->value,
        ];
    }

    /** @param StoredPlace $place */
    private static function readPlace(array $place): WindowPlace
    {
        [$sittingId, $activityId, $day, $bits, $form, $error, $purpose, $method] = $place;

        return new WindowPlace(
            $sittingId,
            $activityId,
            LocalDate::fromDayNumber($day),
            0 !== ($bits & self::UNAIDED),
            0 !== ($bits & self::OPEN),
            0 !== ($bits & self::AT_ONCE),
            null === $form ? null : Form::from($form),
            $error,
            Purpose::from($purpose),
            0 !== ($bits & self::CLOSING),
            null === $method ? null : Method::from($method),
        );
    }

    /** @return StoredSpread */
    private static function spread(Spread $spread): array
    {
        return [$spread->days, $spread->countedAt, $spread->first?->dayNumber, $spread->last?->dayNumber, $spread->activities, $spread->things];
    }

    /** @param StoredSpread $spread */
    private static function readSpread(array $spread): Spread
    {
        return new Spread($spread[0], $spread[1], self::day($spread[2]), self::day($spread[3]), $spread[4], $spread[5]);
    }

    /** @return array{int, int, int} */
    private static function looks(Looks $looks): array
    {
        return [$looks->count, $looks->missed, $looks->faded];
    }

    private static function day(?int $number): ?LocalDate
    {
        return null === $number ? null : LocalDate::fromDayNumber($number);
    }
}
