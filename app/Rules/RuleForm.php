<?php

declare(strict_types=1);

namespace FoxCorner\App\Rules;

use FoxCorner\Core\Alignment\Depth\NamedDepth;
use FoxCorner\Core\Alignment\Rule\Placing;
use FoxCorner\Core\Field\Sport;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\Game\BatterTrait;
use FoxCorner\Core\Game\Half;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\Game\PitchSide;
use FoxCorner\Core\People\Pitching;
use FoxCorner\Core\People\PositionGroup;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\CheckboxType;
use Symfony\Component\Form\Extension\Core\Type\ChoiceType;
use Symfony\Component\Form\Extension\Core\Type\EnumType;
use Symfony\Component\Form\Extension\Core\Type\HiddenType;
use Symfony\Component\Form\Extension\Core\Type\IntegerType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

/** @extends AbstractType<RuleDraft> */
final class RuleForm extends AbstractType
{
    private const SETS = [
        'bases' => ['Runners', Bases::class],
        'outs' => ['Outs', Outs::class],
        'batter' => ['The batter is one of', BatterTrait::class],
        'notBatter' => ['The batter is none of', BatterTrait::class],
        'pitching' => ['Our pitcher', Pitching::class],
        'pitch' => ['The pitch is called', PitchSide::class],
        'sports' => ['Played in', Sport::class],
    ];
    private const QUESTIONS = [
        'twoStrikes' => ['Two strikes', 'with two strikes', 'with fewer'],
        'doublePlay' => ['A double play is in order', 'when it is', 'when it is not'],
        'buntLikely' => ['A bunt is likely', 'when it is', 'when it is not'],
        'leads' => ['Runners may lead', 'where they may', 'where they may not'],
    ];
    private const NUMBERS = [
        'lastInnings' => 'Only in the last … innings',
        'leadFrom' => 'We lead by at least',
        'leadTo' => 'We lead by at most',
    ];

    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $builder
            ->add('name', TextType::class, ['label' => 'Name', 'required' => false])
            ->add('reason', TextType::class, ['label' => 'Why, as you tell the players', 'required' => false])
            ->add('isOn', CheckboxType::class, ['label' => 'This rule is on', 'required' => false])
            ->add('seen', HiddenType::class);
        foreach (self::SETS as $name => [$label, $class]) {
            $builder->add($name, EnumType::class, [
                'label' => $label,
                'class' => $class,
                'multiple' => true,
                'expanded' => true,
                'required' => false,
                'choice_label' => static fn(\BackedEnum $one): string => self::label($one),
            ]);
        }
        foreach (self::QUESTIONS as $name => [$label, $yes, $no]) {
            $builder->add($name, ChoiceType::class, [
                'label' => $label,
                'choices' => ['does not matter' => null, $yes => true, $no => false],
                'required' => false,
                'placeholder' => false,
            ]);
        }
        foreach (self::NUMBERS as $name => $label) {
            $builder->add($name, IntegerType::class, [
                'label' => $label,
                'required' => false,
                'invalid_message' => 'This is not a whole number. Allowed: a whole number, or nothing.',
            ]);
        }
        foreach (Placing::EVERYBODY as $position) {
            $builder->add('depth_' . $position->value, EnumType::class, [
                'label' => $position->value . ' ' . $position->label(),
                'class' => NamedDepth::class,
                'property_path' => "depths[$position->value]",
                'required' => false,
                'placeholder' => 'as before',
                'choice_label' => $options['word'],
            ]);
            $most = PositionGroup::Outfield === $position->group() ? 10 : 6;
            $builder->add('steps_' . $position->value, IntegerType::class, [
                'label' => 'Steps',
                'property_path' => "steps[$position->value]",
                'required' => false,
                'invalid_message' => "This is not a whole number. Allowed: -$most to $most, or nothing.",
            ]);
            if (PositionGroup::Outfield !== $position->group()) {
                $builder->add('halves_' . $position->value, IntegerType::class, [
                    'label' => 'Half steps in',
                    'property_path' => "halves[$position->value]",
                    'required' => false,
                    'invalid_message' => 'This is not a whole number. Allowed: -6 to 6, or nothing.',
                ]);
            }
        }
        foreach (['towardPull' => ['Middle', 4], 'outfieldTowardPull' => ['Outfield', 8]] as $name => [$who, $most]) {
            $builder->add($name, IntegerType::class, [
                'label' => $who . ', steps toward the pull side',
                'required' => false,
                'invalid_message' => "This is not a whole number. Allowed: -$most to $most, or nothing.",
            ]);
        }
        $builder->add('half', EnumType::class, [
            'label' => 'Half of the inning',
            'class' => Half::class,
            'required' => false,
            'placeholder' => 'does not matter',
            'choice_label' => static fn(Half $half): string => 'in the ' . lcfirst($half->label()),
        ]);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults([
            'data_class' => RuleDraft::class,
            'word' => static fn(NamedDepth $depth): string => $depth->label(),
        ]);
        $resolver->setAllowedTypes('word', \Closure::class);
    }

    private static function label(\BackedEnum $one): string
    {
        return match (true) {
            $one instanceof Bases,
            $one instanceof Outs,
            $one instanceof Pitching,
            $one instanceof PitchSide,
            $one instanceof Sport => $one->label(),
            $one instanceof BatterTrait => ucfirst($one->label()),
            default => (string) $one->value,
        };
    }
}
