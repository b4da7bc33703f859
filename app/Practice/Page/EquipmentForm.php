<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Page;

use FoxCorner\App\Practice\Book\PracticeSetup;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\IntegerType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\Validator\Constraints\Range;

/** @extends AbstractType<array<string, int|null>> */
final class EquipmentForm extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        foreach (array_keys(PracticeSetup::SHED) as $name) {
            $builder->add(str_replace(' ', '_', $name), IntegerType::class, [
                'label' => self::several($name),
                'property_path' => "[$name]",
                'required' => false,
                'invalid_message' => 'This is not a whole number. Allowed: 0 to 99.',
                'constraints' => [
                    new Range(
                        min: 0,
                        max: 99,
                        notInRangeMessage: '{{ value }} is outside. Allowed: {{ min }} to {{ max }}.',
                    ),
                ],
            ]);
        }
    }

    private static function several(string $name): string
    {
        return ucfirst(str_contains($name, 'bucket') ? str_replace('bucket', 'buckets', $name) : $name . 's');
    }
}
