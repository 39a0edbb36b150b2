<?php

declare(strict_types=1);

namespace Pindle\App\Table;

use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Evidence\HelpLevel;
use Pindle\Core\Evidence\LastSitting;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\OneTry;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Evidence\Spread;
use Pindle\Core\Evidence\StepState;
use Pindle\Core\Skill\Form;

/**
 * A kept state as text and back again, without losing a bit.
 *
 * @phpstan-type StoredTry array{string, string, string, string|null, string, list<string>, string, float, string, string|null, string|null, int, int, string, float|null, bool}
 * @phpstan-type StoredState array{p: float, h: float|null, c: int|null, n: int, w: list<StoredTry>, s: bool, f: string|null, u: int, ny: int, he: string|null, q: array<string, array{int, int}>, fl: string|null, bh: string|null, t: int|null, fs: string|null, sp: array{int, int, int|null, int|null, list<string>, list<string>}}
 */
final class StateCodec
{
    public static function write(StepState $state): string
    {
        $spread = $state->spread;

        return json_encode([
            'p' => $state->p,
            'h' => $state->halfLife,
            'c' => $state->clock?->dayNumber,
            'n' => $state->tries,
            'w' => array_map(static fn (OneTry $try): array => [
                $try->id, $try->sittingId, $try->familyId, $try->form?->value, $try->help->value, $try->thingIds, $try->question, $try->guess,
                $try->outcome->value, $try->method?->value, $try->slip?->value, (int) $try->at->format('Uv'), $try->day->dayNumber, $try->deviceId, $try->error, $try->isLook,
            ], $state->lately),
            's' => $state->secured,
            'f' => $state->form?->value,
            'u' => $state->unaidedInForm,
            'ny' => $state->notYetInForm,
            'he' => $state->help?->value,
            'q' => (object) array_map(static fn (array $asked): array => [$asked['seen'], $asked['unaided']], $state->questions),
            'fl' => $state->floor?->value,
            'bh' => $state->byHand?->value,
            't' => $state->touched?->dayNumber,
            'fs' => $state->firstSitting,
            'sp' => [$spread->days, $spread->countedAt, $spread->first?->dayNumber, $spread->last?->dayNumber, $spread->families, $spread->things],
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
            $data['h'],
            $day($data['c']),
            $data['n'],
            array_map(static fn (array $try): OneTry => self::readTry($stepId, $try), $data['w']),
            $data['s'],
            null === $data['f'] ? null : Form::from($data['f']),
            $data['u'],
            $data['ny'],
            null === $data['he'] ? null : HelpLevel::from($data['he']),
            array_map(static fn (array $asked): array => ['seen' => $asked[0], 'unaided' => $asked[1]], $data['q']),
            null === $data['fl'] ? null : Mark::from($data['fl']),
            null === $data['bh'] ? null : Mark::from($data['bh']),
            $day($data['t']),
            $data['fs'],
            new Spread($spread[0], $spread[1], $day($spread[2]), $day($spread[3]), $spread[4], $spread[5]),
        );
    }

    /** @param list<LastSitting> $sittings */
    public static function writeSittings(array $sittings): string
    {
        return json_encode(array_map(static fn (LastSitting $sitting): array => [$sitting->sittingId, $sitting->familyId, $sitting->thingIds, $sitting->stepIds], $sittings), \JSON_THROW_ON_ERROR);
    }

    /** @return list<LastSitting> */
    public static function readSittings(string $text): array
    {
        /** @var list<array{string, string, list<string>, list<string>}> $data */
        $data = json_decode($text, true, 8, \JSON_THROW_ON_ERROR);

        return array_map(static fn (array $sitting): LastSitting => new LastSitting(...$sitting), $data);
    }

    /** @param StoredTry $try */
    private static function readTry(string $stepId, array $try): OneTry
    {
        return new OneTry(
            $try[0],
            $stepId,
            $try[1],
            $try[2],
            null === $try[3] ? null : Form::from($try[3]),
            HelpLevel::from($try[4]),
            $try[5],
            $try[6],
            $try[7],
            Outcome::from($try[8]),
            null === $try[9] ? null : Method::from($try[9]),
            null === $try[10] ? null : Slip::from($try[10]),
            TryEntity::instant($try[11]),
            LocalDate::fromDayNumber($try[12]),
            $try[13],
            $try[14],
            $try[15],
        );
    }
}
