package ironshelf.http.json;

import com.fasterxml.jackson.annotation.JsonFormat;
import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import ironshelf.core.cure.binder.StrengthCurve;
import ironshelf.core.mould.Plan;
import ironshelf.core.mould.planar.PlanPoint;
import ironshelf.core.mould.planar.ReadyOutline;
import ironshelf.core.mould.solid.Box;
import ironshelf.core.mould.solid.Cone;
import ironshelf.core.mould.solid.Cylinder;
import ironshelf.core.mould.solid.Drawn;
import ironshelf.core.mould.solid.Measured;
import ironshelf.core.mould.solid.MeshSolid;
import ironshelf.core.mould.solid.Outline;
import ironshelf.core.mould.solid.PolygonPrism;
import ironshelf.core.mould.solid.Pyramid;
import ironshelf.core.mould.solid.Revolved;
import ironshelf.core.mould.solid.Sheet;
import ironshelf.core.mould.solid.Solid;
import ironshelf.core.mould.solid.Sphere;
import ironshelf.core.pour.script.What;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** The annotations that core's kinds would carry if core knew of JSON. */
public final class CoreJson {

  /** What names the kind of a value. */
  public static final String KIND = "kind";

  /** Types that come in kinds, told apart by {@link #KIND}. */
  public static final Map<Class<?>, Class<?>> KINDS =
      Map.of(
          Solid.class, SolidJson.class,
          Drawn.class, DrawnJson.class,
          StrengthCurve.class, CurveJson.class,
          What.class, WhatJson.class,
          ReadyOutline.class, ReadyOutlineJson.class);

  /** Points, which travel as lists of numbers. */
  public static final Set<Class<?>> LISTS =
      Set.of(PlanPoint.class, Revolved.Turn.class, Plan.Corner.class);

  private CoreJson() {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = KIND)
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Box.class, name = "box"),
    @JsonSubTypes.Type(value = Cylinder.class, name = "cylinder"),
    @JsonSubTypes.Type(value = Cone.class, name = "cone"),
    @JsonSubTypes.Type(value = Pyramid.class, name = "pyramid"),
    @JsonSubTypes.Type(value = Sphere.class, name = "sphere"),
    @JsonSubTypes.Type(value = PolygonPrism.class, name = "polygonPrism"),
    @JsonSubTypes.Type(value = Outline.class, name = "outline"),
    @JsonSubTypes.Type(value = Revolved.class, name = "revolved"),
    @JsonSubTypes.Type(value = MeshSolid.class, name = "mesh")
  })
  interface DrawnJson {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = KIND)
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Box.class, name = "box"),
    @JsonSubTypes.Type(value = Cylinder.class, name = "cylinder"),
    @JsonSubTypes.Type(value = Cone.class, name = "cone"),
    @JsonSubTypes.Type(value = Pyramid.class, name = "pyramid"),
    @JsonSubTypes.Type(value = Sphere.class, name = "sphere"),
    @JsonSubTypes.Type(value = PolygonPrism.class, name = "polygonPrism"),
    @JsonSubTypes.Type(value = Outline.class, name = "outline"),
    @JsonSubTypes.Type(value = Revolved.class, name = "revolved"),
    @JsonSubTypes.Type(value = MeshSolid.class, name = "mesh"),
    @JsonSubTypes.Type(value = Measured.class, name = "measured"),
    @JsonSubTypes.Type(value = Sheet.class, name = "sheet")
  })
  interface SolidJson {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = KIND)
  @JsonSubTypes({
    @JsonSubTypes.Type(value = ReadyOutline.Boat.class, name = "boat"),
    @JsonSubTypes.Type(value = ReadyOutline.Hourglass.class, name = "hourglass"),
    @JsonSubTypes.Type(value = ReadyOutline.Leaf.class, name = "leaf"),
    @JsonSubTypes.Type(value = ReadyOutline.RoundedRectangle.class, name = "roundedRectangle")
  })
  interface ReadyOutlineJson {
    @JsonIgnore
    List<PlanPoint> points();
  }

  @JsonFormat(shape = JsonFormat.Shape.ARRAY)
  interface ListJson {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = KIND)
  @JsonSubTypes({
    @JsonSubTypes.Type(value = StrengthCurve.En1992.class, name = "en1992"),
    @JsonSubTypes.Type(value = StrengthCurve.Aci209.class, name = "aci209"),
    @JsonSubTypes.Type(value = StrengthCurve.Points.class, name = "points")
  })
  interface CurveJson {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = KIND)
  @JsonSubTypes({
    @JsonSubTypes.Type(value = What.Checked.class, name = "checked"),
    @JsonSubTypes.Type(value = What.WeighedIn.class, name = "weighed"),
    @JsonSubTypes.Type(value = What.AsAsked.class, name = "asAsked"),
    @JsonSubTypes.Type(value = What.PutIn.class, name = "putIn"),
    @JsonSubTypes.Type(value = What.Followed.class, name = "followed"),
    @JsonSubTypes.Type(value = What.Wetted.class, name = "wetted"),
    @JsonSubTypes.Type(value = What.Filled.class, name = "filled"),
    @JsonSubTypes.Type(value = What.LeftOut.class, name = "leftOut"),
    @JsonSubTypes.Type(value = What.Added.class, name = "added"),
    @JsonSubTypes.Type(value = What.MixedMore.class, name = "mixedMore"),
    @JsonSubTypes.Type(value = What.SplitOff.class, name = "splitOff"),
    @JsonSubTypes.Type(value = What.Emptied.class, name = "emptied"),
    @JsonSubTypes.Type(value = What.Tapped.class, name = "tapped"),
    @JsonSubTypes.Type(value = What.LeftWeighed.class, name = "leftWeighed"),
    @JsonSubTypes.Type(value = What.Thrown.class, name = "thrown"),
    @JsonSubTypes.Type(value = What.Recorded.class, name = "recorded"),
    @JsonSubTypes.Type(value = What.Abandoned.class, name = "abandoned"),
    @JsonSubTypes.Type(value = What.TakenBack.class, name = "takenBack")
  })
  interface WhatJson {}
}
