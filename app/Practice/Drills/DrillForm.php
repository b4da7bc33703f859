<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Drills;

use FoxCorner\App\Shared\Form\VersionField;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Practice\Drill\Shipped\ShippedDrills;
use FoxCorner\Core\Skill\Skill;
use FoxCorner\Core\Skill\SkillFamily;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\CheckboxType;
use Symfony\Component\Form\Extension\Core\Type\ChoiceType;
use Symfony\Component\Form\Extension\Core\Type\EnumType;
use Symfony\Component\Form\Extension\Core\Type\IntegerType;
use Symfony\Component\Form\Extension\Core\Type\TextareaType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

/** @extends AbstractType<DrillDraft> */
final class DrillForm extends AbstractType
{
    private const NUMBERS = [
        'min' => ['Smallest group', 'players'],
        'max' => ['Largest group', 'players'],
        'atOnce' => ['Work at once', 'players'],
        'secondsPerRep' => ['One repetition', 's'],
        'throwsPerRep' => ['Throws in it', 'throws'],
        'helpers' => ['Helpers', ''],
        'buckets' => ['Buckets of balls', ''],
    ];
    private const TEXTS = [
        'steps' => 'Steps',
        'points' => 'Look for',
        'mistakes' => 'Common mistakes',
        'progression' => 'Easier to harder',
        'cautions' => 'Take care',
    ];

    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $builder
            ->add('name', TextType::class, ['label' => 'Name', 'required' => false, 'attr' => ['maxlength' => 60]])
            ->add('purpose', TextType::class, [
                'label' => 'What for',
                'required' => false,
                'attr' => ['maxlength' => 200],
            ])
            ->add('family', EnumType::class, [
                'label' => 'Family',
                'class' => SkillFamily::class,
                'choice_label' => static fn(SkillFamily $family): string => $family->label(),
            ])
            ->add('positions', EnumType::class, [
                'label' => 'Positions',
                'class' => Position::class,
                'multiple' => true,
                'expanded' => true,
                'required' => false,
                'choice_label' => static fn(Position $position): string => $position->value . ' ' . $position->label(),
            ])
            ->add('skills', EnumType::class, [
                'label' => 'What it drills',
                'class' => Skill::class,
                'multiple' => true,
                'required' => false,
                'help' => 'Several with Ctrl or by touch.',
                'attr' => ['size' => 9],
                'choice_label' => static fn(Skill $skill): string => $skill->label(),
                'group_by' => static fn(Skill $skill): string => $skill->family()->label(),
            ])
            ->add('place', ChoiceType::class, [
                'label' => 'Set up like',
                'required' => false,
                'placeholder' => 'Any open ground',
                'choices' => array_column(
                    array_map(static fn($drill): array => [$drill->name, $drill->key], ShippedDrills::all()),
                    1,
                    0,
                ),
            ]);
        foreach (self::NUMBERS as $name => [$label, $unit]) {
            $builder->add($name, IntegerType::class, [
                'label' => $label,
                'required' => false,
                'attr' => '' === $unit ? [] : ['data-unit' => $unit],
                'invalid_message' => 'This is not a whole number. Allowed: digits only.',
            ]);
        }
        foreach (self::TEXTS as $name => $label) {
            $builder->add($name, TextareaType::class, [
                'label' => $label,
                'required' => false,
                'help' => 'One a line.',
            ]);
        }
        $builder
            ->add('isHit', CheckboxType::class, ['label' => 'A helper has to hit the balls', 'required' => false])
            ->add('isReceived', CheckboxType::class, [
                'label' => 'Somebody or a net has to receive its throws',
                'required' => false,
            ])
            ->add('fitsIndoors', CheckboxType::class, ['label' => 'Can be done in a hall', 'required' => false])
            ->add('version', VersionField::class);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => DrillDraft::class]);
    }
}
