<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared\Form;

use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\CallbackTransformer;
use Symfony\Component\Form\Extension\Core\Type\HiddenType;
use Symfony\Component\Form\FormBuilderInterface;

/**
 * The version of what a form was opened with. Anything that is no number is none that we ever gave out, so it meets
 * the same answer as a version that is too old.
 *
 * @extends AbstractType<int>
 */
final class VersionField extends AbstractType
{
    private const NEVER = -1;

    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $builder->addViewTransformer(
            new CallbackTransformer(
                static fn(mixed $version): string => \is_int($version) ? (string) $version : '0',
                static fn(mixed $typed): int => \is_string($typed) && 1 === preg_match('/^\d{1,9}$/', $typed)
                    ? (int) $typed
                    : self::NEVER,
            ),
        );
    }

    public function getParent(): string
    {
        return HiddenType::class;
    }
}
