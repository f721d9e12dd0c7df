package ironshelf.http;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import io.swagger.v3.oas.annotations.media.DiscriminatorMapping;
import io.swagger.v3.oas.annotations.media.Schema;
import ironshelf.core.cure.MaturityMethod;
import ironshelf.core.cure.StrengthCurve;
import ironshelf.core.material.Role;
import ironshelf.core.mould.Box;
import ironshelf.core.mould.Cone;
import ironshelf.core.mould.Cylinder;
import ironshelf.core.mould.Solid;
import ironshelf.core.mould.Sphere;
import ironshelf.core.mould.WallKind;
import ironshelf.core.quantity.Dimension;
import ironshelf.core.recipe.Addition;
import ironshelf.core.recipe.Basis;
import java.util.Map;

/**
 * How core's records are named in JSON, in requests, in the database and in the OpenAPI document.
 */
final class CoreJson {

  /** Each core type with the annotations it would carry if core knew of JSON. */
  static final Map<Class<?>, Class<?>> MIX_INS =
      Map.of(
          Solid.class, SolidJson.class,
          StrengthCurve.class, CurveJson.class,
          Basis.class, BasisJson.class,
          Role.class, RoleJson.class,
          MaturityMethod.class, MethodJson.class,
          WallKind.class, WallKindJson.class,
          Dimension.class, DimensionJson.class,
          Addition.class, AdditionJson.class);

  private CoreJson() {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Box.class, name = "box"),
    @JsonSubTypes.Type(value = Cylinder.class, name = "cylinder"),
    @JsonSubTypes.Type(value = Cone.class, name = "cone"),
    @JsonSubTypes.Type(value = Sphere.class, name = "sphere")
  })
  @Schema(
      oneOf = {Box.class, Cylinder.class, Cone.class, Sphere.class},
      discriminatorProperty = "kind",
      discriminatorMapping = {
        @DiscriminatorMapping(value = "box", schema = Box.class),
        @DiscriminatorMapping(value = "cylinder", schema = Cylinder.class),
        @DiscriminatorMapping(value = "cone", schema = Cone.class),
        @DiscriminatorMapping(value = "sphere", schema = Sphere.class)
      })
  interface SolidJson {
    @JsonIgnore
    double volumeL();
  }

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = StrengthCurve.En1992.class, name = "en1992"),
    @JsonSubTypes.Type(value = StrengthCurve.Aci209.class, name = "aci209"),
    @JsonSubTypes.Type(value = StrengthCurve.Points.class, name = "points")
  })
  @Schema(
      oneOf = {StrengthCurve.En1992.class, StrengthCurve.Aci209.class, StrengthCurve.Points.class},
      discriminatorProperty = "kind")
  interface CurveJson {}

  enum BasisJson {
    @JsonProperty("partsByVolume")
    PARTS_BY_VOLUME,
    @JsonProperty("partsByMass")
    PARTS_BY_MASS,
    @JsonProperty("percentOfBinder")
    PERCENT_OF_BINDER,
    @JsonProperty("gramsPerKgMix")
    GRAMS_PER_KG_MIX
  }

  enum RoleJson {
    @JsonProperty("binder")
    BINDER,
    @JsonProperty("aggregate")
    AGGREGATE,
    @JsonProperty("filler")
    FILLER,
    @JsonProperty("pigment")
    PIGMENT,
    @JsonProperty("admixture")
    ADMIXTURE,
    @JsonProperty("fibre")
    FIBRE,
    @JsonProperty("water")
    WATER
  }

  enum MethodJson {
    @JsonProperty("arrhenius")
    ARRHENIUS,
    @JsonProperty("nurseSaul")
    NURSE_SAUL,
    @JsonProperty("en1992")
    EN1992
  }

  enum WallKindJson {
    @JsonProperty("soft")
    SOFT,
    @JsonProperty("jacketed")
    JACKETED,
    @JsonProperty("rigid")
    RIGID,
    @JsonProperty("split")
    SPLIT
  }

  enum DimensionJson {
    @JsonProperty("mass")
    MASS,
    @JsonProperty("volume")
    VOLUME,
    @JsonProperty("length")
    LENGTH,
    @JsonProperty("temperature")
    TEMPERATURE,
    @JsonProperty("duration")
    DURATION
  }

  enum AdditionJson {
    @JsonProperty("colourInWater")
    COLOUR_IN_WATER,
    @JsonProperty("colourInPowder")
    COLOUR_IN_POWDER,
    @JsonProperty("colourLast")
    COLOUR_LAST
  }
}
