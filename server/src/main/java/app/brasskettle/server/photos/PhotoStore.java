package app.brasskettle.server.photos;

import app.brasskettle.server.sql.ShopSql;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Photographs in PostgreSQL. */
@Component
class PhotoStore {

    private final JdbcClient db;
    private final ShopSql shop;

    PhotoStore(JdbcClient db, ShopSql shop) {
        this.db = db;
        this.shop = shop;
    }

    long add(String tag, SanitisedJpeg photo, PhotoBook.Attached to, String by, OffsetDateTime at) {
        return shop.here("""
                insert into photo
                  (job_id, step, finding, caption, width, height, image, print, thumbnail, taken_by, taken_at)
                select id, :step, :finding, :caption, :width, :height, :image, :print, :thumbnail, :by, :at from job
                where tag = :tag and shop_id = :shop returning id""")
                .param("tag", tag)
                .param("step", to.step())
                .param("finding", to.finding())
                .param("caption", to.caption())
                .param("width", photo.width())
                .param("height", photo.height())
                .param("image", photo.image())
                .param("print", photo.print())
                .param("thumbnail", photo.thumbnail())
                .param("by", by)
                .param("at", at)
                .query(Long.class)
                .single();
    }

    List<Photo> of(String tag) {
        return shop.here("""
                select p.id, p.step, p.finding, p.caption, p.width, p.height,
                    octet_length(p.image) as bytes, p.taken_by, p.taken_at, p.version
                from photo p join job j on j.id = p.job_id
                where j.tag = :tag and j.shop_id = :shop and p.removed_because is null order by p.id""").param("tag", tag).query(PhotoStore::photo).list();
    }

    private static Photo photo(ResultSet r, int n) throws SQLException {
        return new Photo(
                r.getLong("id"),
                r.getString("step"),
                r.getString("finding"),
                r.getString("caption"),
                r.getInt("width"),
                r.getInt("height"),
                r.getLong("bytes"),
                r.getString("taken_by"),
                r.getObject("taken_at", OffsetDateTime.class),
                r.getInt("version"));
    }

    /** Which of a photograph's renditions. */
    enum Rendition {
        IMAGE("image"),
        /** Photographs of an earlier release have none. */
        PRINT("coalesce(print, image)"),
        THUMBNAIL("thumbnail");

        private final String column;

        Rendition(String column) {
            this.column = column;
        }
    }

    Optional<byte[]> picture(String tag, long id, Rendition rendition) {
        return shop.here("""
                select %s from photo p join job j on j.id = p.job_id
                where p.id = :id and j.tag = :tag and j.shop_id = :shop and p.removed_because is null""".formatted(rendition.column))
                .param("id", id)
                .param("tag", tag)
                .query(byte[].class)
                .optional();
    }

    boolean change(long id, int seen, PhotoBook.Attached to) {
        return db.sql("""
                update photo set step = :step, finding = :finding, caption = :caption, version = version + 1
                where id = :id and version = :seen and removed_because is null""")
                        .param("step", to.step())
                        .param("finding", to.finding())
                        .param("caption", to.caption())
                        .param("id", id)
                        .param("seen", seen)
                        .update()
                == 1;
    }

    void remove(long id, String because) {
        db.sql("update photo set removed_because = :because where id = :id and removed_because is null")
                .param("because", because)
                .param("id", id)
                .update();
    }
}
