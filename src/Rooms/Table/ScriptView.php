<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Table;

use Pindle\Core\Advice\Idea;

/** What can be advised in one sitting: a device goes through it by itself, also where the house does not answer. */
final readonly class ScriptView
{
    /**
     * @param array<string, list<ScriptIdeaView>> $ideas    by cause, best first
     * @param array<string, string>               $causes   what was just seen, in words
     * @param array<string, string>               $remedies by slip
     * @param list<Idea>                          $offered  taken or let pass already
     * @param list<SpareView>                     $spares   that are not asked yet
     */
    public function __construct(public array $ideas, public array $causes, public array $remedies, public array $offered, public array $spares)
    {
    }
}
