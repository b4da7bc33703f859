<?php

declare(strict_types=1);

namespace FoxCorner\App\Team;

use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Field\Sport;
use FoxCorner\Core\Field\Surface;
use FoxCorner\Core\People\Level;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\ChoiceType;
use Symfony\Component\Form\Extension\Core\Type\EnumType;
use Symfony\Component\Form\Extension\Core\Type\HiddenType;
use Symfony\Component\Form\Extension\Core\Type\NumberType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

/** @extends AbstractType<FieldDraft> */
final class FieldForm extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $sets = array_filter(ShippedRuleSets::all(), static fn($set): bool => Sport::Slowpitch !== $set->sport);
        $builder
            ->add('ruleSet', ChoiceType::class, [
                'label' => 'Rule set', 'choices' => array_combine(array_column($sets, 'name'), array_keys($sets)),
                'invalid_message' => 'This rule set is not known. Allowed: one of the list.',
            ])
            ->add('level', EnumType::class, ['label' => 'Level of play', 'class' => Level::class, 'choice_label' => static fn(Level $level): string => $level->label(), 'help' => 'Its times and arms stand in where nobody was measured'])
            ->add('surface', EnumType::class, ['label' => 'Infield surface', 'class' => Surface::class, 'choice_label' => static fn(Surface $surface): string => ucfirst($surface->value)]);
        foreach (['basePath' => 'Base path', 'pitchingDistance' => 'Pitching distance', 'left' => 'Fence, left line', 'leftCenter' => 'Fence, left center', 'center' => 'Fence, center', 'rightCenter' => 'Fence, right center', 'right' => 'Fence, right line'] as $name => $label) {
            $builder->add($name, NumberType::class, [
                'label' => $label, 'required' => false, 'attr' => ['inputmode' => 'decimal', 'data-unit' => 'ft'],
                'invalid_message' => 'This is not a number. Allowed: a distance in feet, or nothing for the rule set’s own.',
            ]);
        }
        $builder->add('version', HiddenType::class);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => FieldDraft::class]);
    }
}
