package boldwedge.server.exchange;

import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
interface ImportLockMapper {
    /** Takes the lock of imports until the transaction ends, if nobody has it. */
    @Select("select pg_try_advisory_xact_lock(4212)")
    boolean isMine();
}
