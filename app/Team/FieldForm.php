<?php

declare(strict_types=1);

namespace FoxCorner\App\Team;

use FoxCorner\App\Shared\Form\MeasureType;
use FoxCorner\App\Shared\Form\VersionField;
use FoxCorner\App\Shared\Taste\Taste;
use FoxCorner\Core\Field\LeadRule;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Field\Sport;
use FoxCorner\Core\Field\Surface;
use FoxCorner\Core\Level\Level;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\CheckboxType;
use Symfony\Component\Form\Extension\Core\Type\ChoiceType;
use Symfony\Component\Form\Extension\Core\Type\EnumType;
use Symfony\Component\Form\Extension\Core\Type\IntegerType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

/** @extends AbstractType<FieldDraft> */
final class FieldForm extends AbstractType
{
    private const NOT_A_NUMBER = 'No number. Allowed: a distance, or nothing for the rule set’s own.';

    public function __construct(private readonly Taste $taste) {}

    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $sets = array_filter(ShippedRuleSets::all(), static fn($set): bool => Sport::Slowpitch !== $set->sport);
        $builder
            ->add('ruleSet', ChoiceType::class, [
                'label' => 'Rule set',
                'choices' => array_keys($sets),
                'choice_label' => fn(string $key): string => $this->taste->units()->told($sets[$key]->name),
                'help' => 'Another set fills in all its values',
                'attr' => [
                    'data-hx-get' => $options['refill'],
                    'data-hx-trigger' => 'change',
                    'data-hx-target' => '#work',
                    'data-hx-select' => '#work',
                    'data-hx-swap' => 'outerHTML',
                    'data-hx-include' => 'this',
                ],
                'invalid_message' => 'This rule set is not known. Allowed: one of the list.',
            ])
            ->add('level', EnumType::class, [
                'label' => 'Level of play',
                'class' => Level::class,
                'empty_data' => Level::HighSchool->value,
                'choice_label' => static fn(Level $level): string => $level->label(),
                'help' => 'Its times and arms stand in where nobody was measured',
            ])
            ->add('surface', EnumType::class, [
                'label' => 'Infield surface',
                'class' => Surface::class,
                'empty_data' => Surface::Grass->value,
                'choice_label' => static fn(Surface $surface): string => ucfirst($surface->value),
            ]);
        foreach (
            [
                'basePath' => 'Base path',
                'pitchingDistance' => 'Pitching distance',
                'left' => 'Fence, left line',
                'leftCenter' => 'Fence, left center',
                'center' => 'Fence, center',
                'rightCenter' => 'Fence, right center',
                'right' => 'Fence, right line',
                'skinRadius' => 'Dirt, from the rubber',
            ] as $name => $label
        ) {
            $builder->add($name, MeasureType::class, [
                'label' => $label,
                'unit' => 'ft',
                'invalid_message' => self::NOT_A_NUMBER,
            ]);
        }
        $builder
            ->add('innings', IntegerType::class, [
                'label' => 'Innings',
                'required' => false,
                'invalid_message' => 'This is not a whole number. Allowed: 3 to 12.',
            ])
            ->add('reaction', MeasureType::class, [
                'label' => 'Caution: time to a hard hit under',
                'unit' => 's',
                'invalid_message' => 'This is not a number. Allowed: 0.2 to 1 seconds, or nothing.',
            ])
            ->add('leads', EnumType::class, [
                'label' => 'Runners may leave',
                'class' => LeadRule::class,
                'empty_data' => LeadRule::Anytime->value,
                'choice_label' => static fn(LeadRule $rule): string => ucfirst($rule->value),
            ]);
        foreach (
            [
                'grassInfield' => 'Grass inside the base paths',
                'bunts' => 'Bunts',
                'extraRunner' => 'Extra innings begin with a runner on second',
            ] as $name => $label
        ) {
            $builder->add($name, CheckboxType::class, ['label' => $label, 'required' => false]);
        }
        $builder->add('version', VersionField::class);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => FieldDraft::class, 'refill' => '']);
        $resolver->setAllowedTypes('refill', 'string');
    }
}
