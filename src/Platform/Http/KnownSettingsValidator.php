<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Http;

use Pindle\Core\Child\Setting;
use Symfony\Component\Validator\Constraint;
use Symfony\Component\Validator\ConstraintValidator;

final class KnownSettingsValidator extends ConstraintValidator
{
    public function validate(mixed $value, Constraint $constraint): void
    {
        foreach (\is_array($value) ? $value : [] as $name => $answer) {
            $setting = Setting::tryFrom((string) $name);
            if (null === $setting || !\in_array($answer, $setting->answers(), true)) {
                $this->context
                    ->buildViolation(null === $setting ? 'There is no such setting.' : 'That is none of the answers.')
                    ->atPath('['.substr((string) $name, 0, 40).']')
                    ->addViolation();
            }
        }
    }
}
