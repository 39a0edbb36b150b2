<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

/** A page of the portfolio in the parent's own words. */
final readonly class PageView
{
    public function __construct(public string $id, public string $day, public string $title, public string $text, public int $version)
    {
    }

    public static function of(PageEntity $page): self
    {
        return new self($page->id, $page->day, $page->title, $page->text, $page->version);
    }
}
