<?php

declare(strict_types=1);

namespace Pindle\Core\Child;

/** How one child is taught, where good parents differ. What nobody has chosen has its default. */
final readonly class Settings
{
    /** Under this many months a written answer is not expected, unless chosen for this very child. */
    public const WRITING_FROM_MONTHS = 60;

    /** What the house pays with. */
    public CoinSet $coins;

    public function __construct(
        public WayIn $wayIn = WayIn::SeeIt,
        public Fingers $fingers = Fingers::BringThings,
        public FrameFilling $frameFilling = FrameFilling::RowsOfFive,
        public ComparingSign $comparingSign = ComparingSign::OpenSide,
        public Answering $answering = Answering::Tiles,
        public SignsArrive $signsArrive = SignsArrive::AfterHandling,
        public ThingsStay $thingsStay = ThingsStay::Usual,
        public TakingBegins $takingBegins = TakingBegins::AfterJoining,
        public AcrossTen $acrossTen = AcrossTen::FillTen,
        public NamingNumerals $namingNumerals = NamingNumerals::ThreeParts,
        public WholeInBond $wholeInBond = WholeInBond::AtTop,
        public Difference $difference = Difference::TakeAwayFirst,
        public CanDoRule $canDoRule = CanDoRule::Usual,
        public PlannedFrom $plannedFrom = PlannedFrom::TwentyMonths,
        public Asking $asking = Asking::Ask,
        public AfterMistake $afterMistake = AfterMistake::ShowAgain,
        ?CoinSet $coins = null,
    ) {
        $this->coins = $coins ?? CoinSet::play();
    }

    /**
     * What was chosen for the child goes before what was chosen for the house; unknown answers count as not chosen.
     *
     * @param array<string, string> $own   setting => answer
     * @param array<string, string> $house setting => answer
     * @param CoinSet|null          $coins of the house; null for play coins
     */
    public static function chosen(array $own, array $house, int $ageInMonths, ?CoinSet $coins = null): self
    {
        if ($ageInMonths < self::WRITING_FROM_MONTHS && Answering::Writing->value === ($house['answering'] ?? null)) {
            unset($house['answering']);
        }
        $answer = static function (Setting $setting) use ($own, $house, $ageInMonths): string {
            foreach ([$own, $house] as $chosen) {
                if (\in_array($chosen[$setting->value] ?? null, $setting->answers(), true)) {
                    return $chosen[$setting->value];
                }
            }

            return self::usual($setting, $ageInMonths);
        };

        return new self(
            WayIn::from($answer(Setting::WayIn)),
            Fingers::from($answer(Setting::Fingers)),
            FrameFilling::from($answer(Setting::FrameFilling)),
            ComparingSign::from($answer(Setting::ComparingSign)),
            Answering::from($answer(Setting::Answering)),
            SignsArrive::from($answer(Setting::SignsArrive)),
            ThingsStay::from($answer(Setting::ThingsStay)),
            TakingBegins::from($answer(Setting::TakingBegins)),
            AcrossTen::from($answer(Setting::AcrossTen)),
            NamingNumerals::from($answer(Setting::NamingNumerals)),
            WholeInBond::from($answer(Setting::WholeInBond)),
            Difference::from($answer(Setting::Difference)),
            CanDoRule::from($answer(Setting::CanDoRule)),
            PlannedFrom::from($answer(Setting::PlannedFrom)),
            Asking::from($answer(Setting::Asking)),
            AfterMistake::from($answer(Setting::AfterMistake)),
            $coins,
        );
    }

    /** The same, with questions put this way. */
    public function asked(Asking $asking): self
    {
        return new self(
            $this->wayIn,
            $this->fingers,
            $this->frameFilling,
            $this->comparingSign,
            $this->answering,
            $this->signsArrive,
            $this->thingsStay,
            $this->takingBegins,
            $this->acrossTen,
            $this->namingNumerals,
            $this->wholeInBond,
            $this->difference,
            $this->canDoRule,
            $this->plannedFrom,
            $asking,
            $this->afterMistake,
            $this->coins,
        );
    }

    /** The answer where nobody has chosen one: the first, but the youngest say along. */
    public static function usual(Setting $setting, int $ageInMonths): string
    {
        return Setting::Asking === $setting && $ageInMonths < Asking::SAY_ALONG_UNDER_MONTHS ? Asking::SayAlong->value : $setting->answers()[0];
    }

    /** @return array<string, string> setting => answer in force */
    public function answers(): array
    {
        return [
            Setting::WayIn->value => $this->wayIn->value,
            Setting::Fingers->value => $this->fingers->value,
            Setting::FrameFilling->value => $this->frameFilling->value,
            Setting::ComparingSign->value => $this->comparingSign->value,
            Setting::Answering->value => $this->answering->value,
            Setting::SignsArrive->value => $this->signsArrive->value,
            Setting::ThingsStay->value => $this->thingsStay->value,
            Setting::TakingBegins->value => $this->takingBegins->value,
            Setting::AcrossTen->value => $this->acrossTen->value,
            Setting::NamingNumerals->value => $this->namingNumerals->value,
            Setting::WholeInBond->value => $this->wholeInBond->value,
            Setting::Difference->value => $this->difference->value,
            Setting::CanDoRule->value => $this->canDoRule->value,
            Setting::PlannedFrom->value => $this->plannedFrom->value,
            Setting::Asking->value => $this->asking->value,
            Setting::AfterMistake->value => $this->afterMistake->value,
        ];
    }
}
