<?php

declare(strict_types=1);

namespace FoxCorner\App\Team;

use FoxCorner\Core\People\Bats;
use FoxCorner\Core\People\Hand;
use FoxCorner\Core\People\Limit;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\EnumType;
use Symfony\Component\Form\Extension\Core\Type\HiddenType;
use Symfony\Component\Form\Extension\Core\Type\IntegerType;
use Symfony\Component\Form\Extension\Core\Type\NumberType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

/** @extends AbstractType<PlayerDraft> */
final class PlayerForm extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $measured = static fn(string $label, string $help, string $unit): array => [
            'label' => $label, 'help' => $help, 'required' => false, 'attr' => ['inputmode' => 'decimal', 'data-unit' => $unit],
            'invalid_message' => 'This is not a number. Allowed: a number such as 3.15, or nothing.',
        ];
        $builder
            ->add('name', TextType::class, ['label' => 'Name, as called on the field', 'required' => false, 'attr' => ['autocomplete' => 'off']])
            ->add('number', IntegerType::class, ['label' => 'Shirt number', 'required' => false, 'invalid_message' => 'This is not a whole number. Allowed: 0 to 99.'])
            ->add('positions', TextType::class, ['label' => 'Positions, the best first', 'required' => false, 'help' => 'Numbers 1 to 9, as in 6 4', 'attr' => ['inputmode' => 'numeric']])
            ->add('throws', EnumType::class, ['label' => 'Throws', 'class' => Hand::class, 'choice_label' => static fn(Hand $hand): string => ucfirst($hand->label())])
            ->add('bats', EnumType::class, ['label' => 'Bats', 'class' => Bats::class, 'choice_label' => static fn(Bats $bats): string => ucfirst($bats->label())])
            ->add('homeToFirst', NumberType::class, $measured('Home to first', 'Seconds from contact; empty: the level’s own time', 's'))
            ->add('arm', NumberType::class, $measured('Arm', 'Miles per hour; empty: the level’s own', 'mph'))
            ->add('pace', NumberType::class, $measured('One pace', 'Feet; empty: 2.5', 'ft'))
            ->add('limit', EnumType::class, ['label' => 'Limit today', 'class' => Limit::class, 'choice_label' => static fn(Limit $limit): string => $limit->label()])
            ->add('version', HiddenType::class);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => PlayerDraft::class]);
    }
}
