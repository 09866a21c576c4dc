package firmperch.file;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.MapperFeature;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.datatype.jsr310.JavaTimeModule;
import firmperch.rig.Arm;
import firmperch.rig.Base;
import firmperch.rig.Carriage;
import firmperch.rig.CastBox;
import firmperch.rig.DropOnCarriage;
import firmperch.rig.Head;
import firmperch.rig.LevelArm;
import firmperch.rig.PinnedPost;
import firmperch.rig.TiltHead;
import firmperch.rig.Upright;

/** How records become JSON: by their component names, the parts of a perch marked by their kind. */
final class ProjectJson {
    static final ObjectMapper MAPPER = JsonMapper.builder().addModule(new JavaTimeModule())
            .disable(SerializationFeature.WRITE_DATES_AS_TIMESTAMPS).enable(SerializationFeature.INDENT_OUTPUT)
            .enable(DeserializationFeature.FAIL_ON_MISSING_CREATOR_PROPERTIES)
            .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT).disable(MapperFeature.ALLOW_COERCION_OF_SCALARS)
            .disable(DeserializationFeature.WRAP_EXCEPTIONS).addMixIn(Head.class, HeadKinds.class)
            .addMixIn(Arm.class, ArmKinds.class).addMixIn(Carriage.class, CarriageKinds.class)
            .addMixIn(Upright.class, UprightKinds.class).addMixIn(Base.class, BaseKinds.class)
            .serializationInclusion(JsonInclude.Include.NON_NULL).build();

    private ProjectJson() {
    }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes(@JsonSubTypes.Type(value = TiltHead.class, name = "tilt-head"))
    private interface HeadKinds {
    }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes(@JsonSubTypes.Type(value = LevelArm.class, name = "level-arm"))
    private interface ArmKinds {
    }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes(@JsonSubTypes.Type(value = DropOnCarriage.class, name = "drop-on-carriage"))
    private interface CarriageKinds {
    }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes(@JsonSubTypes.Type(value = PinnedPost.class, name = "pinned-post"))
    private interface UprightKinds {
    }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes(@JsonSubTypes.Type(value = CastBox.class, name = "cast-box"))
    private interface BaseKinds {
    }
}
