package boldwedge.server.storage;

import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface KnowledgeMapper {
    @Select("select generation from knowledge")
    long generation();

    @Update("update knowledge set generation = generation + 1")
    int raise();
}
