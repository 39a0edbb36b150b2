<?php

declare(strict_types=1);

namespace Pindle\Core\Drawing;

/** What a mark is drawn with: inks by the names they have in content/inks.yaml. */
final readonly class Paint
{
    /**
     * @param string|null $fill     ink inside; null for none
     * @param string|null $line     ink of the outline; null for none
     * @param float       $width    of the line in millimetres, at least 0
     * @param bool        $dashed   drawn as still to come, taken away, or for showing only
     * @param float       $strength 0 (not to be seen) to 1
     *
     * @throws InvalidDrawing
     */
    public function __construct(
        public ?string $fill = null,
        public ?string $line = null,
        public float $width = 1.0,
        public bool $dashed = false,
        public float $strength = 1.0,
    ) {
        if ($width < 0.0 || $strength < 0.0 || $strength > 1.0) {
            throw InvalidDrawing::paint($width, $strength);
        }
    }

    /** The same with a line so many times as wide. */
    public function times(float $by): self
    {
        return new self($this->fill, $this->line, $by * $this->width, $this->dashed, $this->strength);
    }
}
