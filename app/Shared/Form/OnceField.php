<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared\Form;

use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\CallbackTransformer;
use Symfony\Component\Form\Extension\Core\Type\HiddenType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\Uid\Uuid;

/**
 * A name that a form carries, the same however often it is sent: what it makes is made once.
 *
 * @extends AbstractType<string>
 */
final class OnceField extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $builder->addViewTransformer(
            new CallbackTransformer(
                static fn(mixed $once): string => \is_string($once) ? $once : '',
                static fn(mixed $typed): string => \is_string($typed) && Uuid::isValid($typed)
                    ? $typed
                    : Uuid::v7()->toRfc4122(),
            ),
        );
    }

    public function getParent(): string
    {
        return HiddenType::class;
    }
}
