<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

/** A set-up in a day that is being filled. */
final readonly class Placed
{
    /**
     * @param Option|null $option null for what stays as it is
     * @param SetUp|null  $setUp  null while it is only thought of
     * @param int         $length which of the lengths of the option
     * @param int         $as     tells the things that lie out from those of others: the same for equal ones
     */
    public function __construct(public ?Option $option, public int $length, public ?SetUp $setUp, public Stint $stint, public Counted $counted, public int $as)
    {
    }
}
