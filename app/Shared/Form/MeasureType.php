<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared\Form;

use FoxCorner\App\Shared\Taste\Taste;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\CallbackTransformer;
use Symfony\Component\Form\Extension\Core\Type\NumberType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\Form\FormInterface;
use Symfony\Component\Form\FormView;
use Symfony\Component\OptionsResolver\OptionsResolver;

/**
 * A length, a speed or a time: kept in the core's unit, shown and typed in the reader's.
 *
 * @extends AbstractType<float>
 */
final class MeasureType extends AbstractType
{
    public function __construct(private readonly Taste $taste) {}

    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $unit = self::unit($options);
        $units = $this->taste->units();
        $builder->addModelTransformer(
            new CallbackTransformer(
                static fn(?float $kept): ?float => null === $kept ? null : (float) $units->typed($kept, $unit),
                static fn(?float $typed): ?float => null === $typed ? null : $units->read($typed, $unit),
            ),
        );
    }

    public function buildView(FormView $view, FormInterface $form, array $options): void
    {
        $attributes = \is_array($options['attr']) ? $options['attr'] : [];
        $view->vars['attr'] = [
            ...$attributes,
            'inputmode' => 'decimal',
            'data-unit' => $this->taste->units()->name(self::unit($options)),
        ];
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setRequired('unit');
        $resolver->setAllowedValues('unit', ['s', 'ft', 'mph']);
        $resolver->setDefaults([
            'required' => false,
            'invalid_message' => 'This is not a number. Allowed: a number such as 3.15, or nothing.',
        ]);
    }

    public function getParent(): string
    {
        return NumberType::class;
    }

    /** @param array<string, mixed> $options */
    private static function unit(array $options): string
    {
        return \is_string($options['unit']) ? $options['unit'] : '';
    }
}
