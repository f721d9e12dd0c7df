package ironshelf.http;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import ironshelf.core.cure.StrengthCurve;
import ironshelf.core.mould.Box;
import ironshelf.core.mould.Cone;
import ironshelf.core.mould.Cylinder;
import ironshelf.core.mould.Solid;
import ironshelf.core.mould.Sphere;
import java.util.Map;

/** The annotations that core's kinds would carry if core knew of JSON. */
final class CoreJson {

  /** What names the kind of a value. */
  static final String KIND = "kind";

  static final Map<Class<?>, Class<?>> MIX_INS =
      Map.of(Solid.class, SolidJson.class, StrengthCurve.class, CurveJson.class);

  private CoreJson() {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = KIND)
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Box.class, name = "box"),
    @JsonSubTypes.Type(value = Cylinder.class, name = "cylinder"),
    @JsonSubTypes.Type(value = Cone.class, name = "cone"),
    @JsonSubTypes.Type(value = Sphere.class, name = "sphere")
  })
  interface SolidJson {
    @JsonIgnore
    double volumeL();
  }

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = KIND)
  @JsonSubTypes({
    @JsonSubTypes.Type(value = StrengthCurve.En1992.class, name = "en1992"),
    @JsonSubTypes.Type(value = StrengthCurve.Aci209.class, name = "aci209"),
    @JsonSubTypes.Type(value = StrengthCurve.Points.class, name = "points")
  })
  interface CurveJson {}
}
