<?php

declare(strict_types=1);

namespace Pindle\App\Today;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Pindle\Core\Advice\DecisionKind;
use Pindle\Core\Advice\DecisionReason;
use Pindle\Core\Advice\Ending;
use Pindle\Core\Advice\Reason;
use Pindle\Core\Evidence\HelpLevel;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Skill\Form;

/**
 * One child's sitting as it was planned and, once it is done, how it ended and what followed.
 *
 * @phpstan-type StoredQuestion array{step: string, ask: string, numbers: array<string, int>, answer: int|string, choices: int|null, load: int, level: string}
 */
#[ORM\Entity]
#[ORM\Table(name: 'sitting')]
#[ORM\Index(name: 'sitting_of_child', fields: ['childId', 'date'])]
class SittingEntity
{
    #[ORM\Column(length: 20, nullable: true, enumType: Ending::class)]
    public ?Ending $ending = null;

    #[ORM\Column(length: 10, nullable: true, enumType: DecisionKind::class)]
    public ?DecisionKind $decision = null;

    #[ORM\Column(length: 20, nullable: true, enumType: DecisionReason::class)]
    public ?DecisionReason $decisionReason = null;

    /** @var array<string, int>|null */
    #[ORM\Column(type: Types::JSON, nullable: true)]
    public ?array $decisionValues = null;

    /** @var list<string> */
    #[ORM\Column(type: Types::JSON)]
    public array $opens = [];

    #[ORM\Column(length: 10, nullable: true, enumType: Mark::class)]
    public ?Mark $markBefore = null;

    #[ORM\Column(length: 10, nullable: true, enumType: Mark::class)]
    public ?Mark $markAfter = null;

    /** The slip whose remedy is for next time. */
    #[ORM\Column(length: 25, nullable: true, enumType: Slip::class)]
    public ?Slip $remedy = null;

    /** @var list<int> places of the questions in the order they are asked, where advice changed it; empty for the order as made */
    #[ORM\Column(type: Types::JSON, options: ['default' => '[]'])]
    public array $turnOrder = [];

    /** @var list<array{idea: string, taken: bool}> what was offered and what the parent did with it */
    #[ORM\Column(type: Types::JSON, options: ['default' => '[]'])]
    public array $advice = [];

    /** The first day the step may come back, where it rests. */
    #[ORM\Column(length: 10, nullable: true)]
    public ?string $restsUntil = null;

    /**
     * @param list<StoredQuestion>      $questions
     * @param array<string, int|string> $reasonValues
     */
    public function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 36)]
        public readonly string $id,
        #[ORM\ManyToOne(inversedBy: 'sittings')]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public readonly SetUpEntity $setUp,
        #[ORM\Column(length: 36)]
        public readonly string $childId,
        #[ORM\Column(length: 10)]
        public readonly string $date,
        #[ORM\Column(length: 40)]
        public readonly string $stepId,
        #[ORM\Column(length: 10, nullable: true, enumType: Form::class)]
        public readonly ?Form $form,
        #[ORM\Column(length: 10, enumType: HelpLevel::class)]
        public readonly HelpLevel $help,
        #[ORM\Column(type: Types::JSON)]
        public array $questions,
        #[ORM\Column]
        public readonly float $value,
        #[ORM\Column]
        public readonly bool $brandNew,
        #[ORM\Column(length: 20, enumType: Reason::class)]
        public readonly Reason $reason,
        #[ORM\Column(type: Types::JSON)]
        public readonly array $reasonValues,
        /** @var array<string, float>|null the parts of the value */
        #[ORM\Column(type: Types::JSON, nullable: true)]
        public readonly ?array $worth = null,
    ) {
    }

    /** @return list<int> */
    public function order(): array
    {
        return [] === $this->turnOrder ? array_keys($this->questions) : $this->turnOrder;
    }
}
