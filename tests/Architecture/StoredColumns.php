<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Architecture;

use PHPStan\Reflection\ExtendedPropertyReflection;
use PHPStan\Rules\Properties\ReadWritePropertiesExtension;

/** For the static analyser: Doctrine reads and writes the columns of an entity, whatever our own code does with them. */
final class StoredColumns implements ReadWritePropertiesExtension
{
    public function isAlwaysRead(ExtendedPropertyReflection $property, string $propertyName): bool
    {
        return self::isStored($property, $propertyName);
    }

    public function isAlwaysWritten(ExtendedPropertyReflection $property, string $propertyName): bool
    {
        return self::isStored($property, $propertyName);
    }

    public function isInitialized(ExtendedPropertyReflection $property, string $propertyName): bool
    {
        return false;
    }

    private static function isStored(ExtendedPropertyReflection $property, string $name): bool
    {
        $class = $property->getDeclaringClass()->getNativeReflection();
        foreach ($class->hasProperty($name) ? $class->getProperty($name)->getAttributes() : [] as $attribute) {
            if (str_starts_with($attribute->getName(), 'Doctrine\ORM\Mapping\\')) {
                return true;
            }
        }

        return false;
    }
}
