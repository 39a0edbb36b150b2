<?php

declare(strict_types=1);

namespace Pindle\Core\Child;

/** The questions on which parents differ, each with its possible answers; the first answer is the default. */
enum Setting: string
{
    case WayIn = 'way-in';
    case Fingers = 'fingers';
    case FrameFilling = 'frame-filling';
    case ComparingSign = 'comparing-sign';
    case Answering = 'answering';
    case SignsArrive = 'signs-arrive';
    case ThingsStay = 'things-stay';
    case TakingBegins = 'taking-begins';
    case AcrossTen = 'across-ten';
    case NamingNumerals = 'naming-numerals';
    case WholeInBond = 'whole-in-bond';
    case Difference = 'difference';
    case CanDoRule = 'can-do-rule';
    case PlannedFrom = 'planned-from';
    case Asking = 'asking';
    case AfterMistake = 'after-mistake';

    /** @return list<string> what can be answered, the default first */
    public function answers(): array
    {
        $cases = match ($this) {
            self::WayIn => WayIn::cases(),
            self::Fingers => Fingers::cases(),
            self::FrameFilling => FrameFilling::cases(),
            self::ComparingSign => ComparingSign::cases(),
            self::Answering => Answering::cases(),
            self::SignsArrive => SignsArrive::cases(),
            self::ThingsStay => ThingsStay::cases(),
            self::TakingBegins => TakingBegins::cases(),
            self::AcrossTen => AcrossTen::cases(),
            self::NamingNumerals => NamingNumerals::cases(),
            self::WholeInBond => WholeInBond::cases(),
            self::Difference => Difference::cases(),
            self::PlannedFrom => PlannedFrom::cases(),
            self::Asking => Asking::cases(),
            self::AfterMistake => AfterMistake::cases(),
            // The usual rule is the default and stands between the other two.
            self::CanDoRule => [CanDoRule::Usual, CanDoRule::Gentle, CanDoRule::Thorough],
        };

        return array_map(static fn (\BackedEnum $case): string => (string) $case->value, $cases);
    }
}
