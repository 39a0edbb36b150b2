<?php

declare(strict_types=1);

namespace Pindle\App\Exchange;

/** What there is of a child, and goes when the child is erased. */
final readonly class Leaves
{
    /**
     * @param int $seen        tries, closing marks and notes
     * @param int $sittings    planned and done
     * @param int $photographs of this child alone
     * @param int $shared      photographs of this child and others, which stay
     * @param int $letters     written about the child
     * @param int $mentions    texts of yours about others or about days in which the name stands, which stay
     * @param int $copies      safe copies beside the data
     */
    public function __construct(
        public int $seen,
        public int $sittings,
        public int $photographs,
        public int $shared,
        public int $letters,
        public int $mentions,
        public int $copies,
    ) {
    }
}
