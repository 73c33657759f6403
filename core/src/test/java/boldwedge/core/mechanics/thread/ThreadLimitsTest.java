package boldwedge.core.mechanics.thread;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.mechanics.thread.IsoThreadLimits.ThreadClass;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.aggregator.ArgumentsAccessor;
import org.junit.jupiter.params.provider.CsvSource;

/** Limits against the tables that the standards print: ISO 965-1 (tolerances by pitch and step), ISO 965-2 (limits), ASME B1.1 (limits in inches). */
class ThreadLimitsTest {
    private static ThreadSize m(double d, double p) {
        return new ThreadSize(ThreadForm.SIXTY, d, p, 1);
    }

    /** ISO 965-1: Td2 and TD2 of grade 6, µm, by a diameter of each step and the pitch. */
    @ParameterizedTest
    @CsvSource({
        "1.2,0.2,48,63",
        "1.2,0.25,53,71",
        "1.4,0.3,56,75",
        "2,0.25,56,75",
        "1.6,0.35,63,85",
        "2,0.4,67,90",
        "2.5,0.45,71,95",
        "3,0.35,67,90",
        "3,0.5,75,100",
        "3.5,0.6,85,112",
        "4,0.7,90,118",
        "4.5,0.75,90,118",
        "5,0.8,95,125",
        "8,0.75,100,132",
        "6,1,112,150",
        "8,1.25,118,160",
        "10,1.5,132,180",
        "16,1,118,160",
        "12,1.25,132,180",
        "12,1.5,140,190",
        "12,1.75,150,200",
        "16,2,160,212",
        "20,2.5,170,224",
        "30,1,125,170",
        "36,1.5,150,200",
        "30,2,170,224",
        "24,3,200,265",
        "30,3.5,212,280",
        "36,4,224,300",
        "42,4.5,236,315",
        "60,1.5,160,212",
        "64,2,180,236",
        "64,3,212,280",
        "64,4,236,315",
        "48,5,250,335",
        "56,5.5,265,355",
        "64,6,280,375",
        "100,2,190,250",
        "100,3,224,300",
        "100,4,250,335",
        "100,6,300,400"
    })
    void pitchDiameterTolerances(double d, double p, double outside, double inside) {
        assertThat(IsoThreadLimits.outsidePitch(d, p, 6)).isEqualTo(outside);
        assertThat(IsoThreadLimits.insidePitch(d, p, 6)).isEqualTo(inside);
    }

    /** ISO 965-1: Td and TD1 of grade 6, and the deviations g and e, µm. */
    @ParameterizedTest
    @CsvSource({
        "0.3,75,85,18,0",
        "0.35,85,100,19,0",
        "0.4,95,112,19,0",
        "0.45,100,125,20,0",
        "0.5,106,140,20,50",
        "0.6,125,160,21,53",
        "0.7,140,180,22,56",
        "0.75,140,190,22,56",
        "0.8,150,200,24,60",
        "1,180,236,26,60",
        "1.25,212,265,28,63",
        "1.5,236,300,32,67",
        "1.75,265,335,34,71",
        "2,280,375,38,71",
        "2.5,335,450,42,80",
        "3,375,500,48,85",
        "3.5,425,560,53,90",
        "4,475,600,60,95",
        "4.5,500,670,63,100",
        "5,530,710,71,106",
        "5.5,560,750,75,112",
        "6,600,800,80,118"
    })
    void crestTolerancesAndPositions(double p, double outside, double inside, double g, double e) {
        assertThat(IsoThreadLimits.outsideCrest(p, 6)).isEqualTo(outside);
        assertThat(IsoThreadLimits.insideCrest(p, 6)).isEqualTo(inside);
        assertThat(IsoThreadLimits.position('g', p)).isEqualTo(g);
        if (e > 0) {
            assertThat(IsoThreadLimits.position('e', p)).isEqualTo(e);
        }
    }

    /** Other grades, from the same table: P = 1.25, diameters over 5.6 to 11.2. */
    @Test
    void otherGradesAreStepsOfTheSeries() {
        assertThat(new double[] {
                    IsoThreadLimits.outsidePitch(8, 1.25, 3),
                    IsoThreadLimits.outsidePitch(8, 1.25, 4),
                    IsoThreadLimits.outsidePitch(8, 1.25, 5),
                    IsoThreadLimits.outsidePitch(8, 1.25, 7),
                    IsoThreadLimits.outsidePitch(8, 1.25, 8),
                    IsoThreadLimits.outsidePitch(8, 1.25, 9)
                })
                .containsExactly(60, 75, 95, 150, 190, 236);
        assertThat(new double[] {
                    IsoThreadLimits.insidePitch(8, 1.25, 4),
                    IsoThreadLimits.insidePitch(8, 1.25, 5),
                    IsoThreadLimits.insidePitch(8, 1.25, 7),
                    IsoThreadLimits.insidePitch(8, 1.25, 8)
                })
                .containsExactly(100, 125, 200, 250);
        assertThat(IsoThreadLimits.outsideCrest(1.5, 4)).isEqualTo(150);
        assertThat(IsoThreadLimits.insideCrest(2, 5)).isEqualTo(300);
        assertThat(IsoThreadLimits.insideCrest(1, 4)).isEqualTo(150);
    }

    /** ISO 965-2: 6g major and pitch diameter, 6H pitch and minor diameter, mm. */
    @ParameterizedTest
    @CsvSource({
        "2,0.4,1.981,1.886,1.721,1.654,1.740,1.830,1.567,1.679",
        "3,0.5,2.980,2.874,2.655,2.580,2.675,2.775,2.459,2.599",
        "4,0.7,3.978,3.838,3.523,3.433,3.545,3.663,3.242,3.422",
        "5,0.8,4.976,4.826,4.456,4.361,4.480,4.605,4.134,4.334",
        "6,1,5.974,5.794,5.324,5.212,5.350,5.500,4.917,5.153",
        "8,1.25,7.972,7.760,7.160,7.042,7.188,7.348,6.647,6.912",
        "10,1.5,9.968,9.732,8.994,8.862,9.026,9.206,8.376,8.676",
        "12,1.75,11.966,11.701,10.829,10.679,10.863,11.063,10.106,10.441",
        "14,2,13.962,13.682,12.663,12.503,12.701,12.913,11.835,12.210",
        "16,2,15.962,15.682,14.663,14.503,14.701,14.913,13.835,14.210",
        "18,2.5,17.958,17.623,16.334,16.164,16.376,16.600,15.294,15.744",
        "20,2.5,19.958,19.623,18.334,18.164,18.376,18.600,17.294,17.744",
        "24,3,23.952,23.577,22.003,21.803,22.051,22.316,20.752,21.252",
        "30,3.5,29.947,29.522,27.674,27.462,27.727,28.007,26.211,26.771",
        "36,4,35.940,35.465,33.342,33.118,33.402,33.702,31.670,32.270",
        "8,1,7.974,7.794,7.324,7.212,7.350,7.500,6.917,7.153",
        "10,1.25,9.972,9.760,9.160,9.042,9.188,9.348,8.647,8.912",
        "12,1.5,11.968,11.732,10.994,10.854,11.026,11.216,10.376,10.676",
        "20,1.5,19.968,19.732,18.994,18.854,19.026,19.216,18.376,18.676",
        "36,1.5,35.968,35.732,34.994,34.844,35.026,35.226,34.376,34.676"
    })
    void limitsOfMetricThreads(
            double d,
            double p,
            double majorHigh,
            double majorLow,
            double pitchHigh,
            double pitchLow,
            double insidePitchLow,
            double insidePitchHigh,
            double minorLow,
            double minorHigh) {
        ThreadLimits outside =
                IsoThreadLimits.of(m(d, p), ThreadClass.named("6g").orElseThrow());
        ThreadLimits inside =
                IsoThreadLimits.of(m(d, p), ThreadClass.named("6H").orElseThrow());
        // The tables round each diameter to a thousandth.
        assertThat(outside.majorHigh()).isCloseTo(majorHigh, within(6e-4));
        assertThat(outside.majorLow()).isCloseTo(majorLow, within(6e-4));
        assertThat(outside.pitchHigh()).isCloseTo(pitchHigh, within(6e-4));
        assertThat(outside.pitchLow()).isCloseTo(pitchLow, within(6e-4));
        assertThat(inside.pitchLow()).isCloseTo(insidePitchLow, within(6e-4));
        assertThat(inside.pitchHigh()).isCloseTo(insidePitchHigh, within(6e-4));
        assertThat(inside.minorLow()).isCloseTo(minorLow, within(6e-4));
        assertThat(inside.minorHigh()).isCloseTo(minorHigh, within(6e-4));
    }

    /** ASME B1.1: 2A major and pitch diameter, 2B pitch and minor diameter, inches. */
    @ParameterizedTest
    @CsvSource({
        "0.0600,80,.0595,.0563,.0514,.0496,.0519,.0542,.0465,.0514",
        "0.1120,40,.1112,.1061,.0950,.0925,.0958,.0991,.0849,.0939",
        "0.1380,32,.1372,.1312,.1169,.1141,.1177,.1214,.104,.114",
        "0.1380,40,.1372,.1321,.1210,.1184,.1218,.1252,.111,.119",
        "0.1640,32,.1631,.1571,.1428,.1399,.1437,.1475,.130,.139",
        "0.1900,24,.1890,.1818,.1619,.1586,.1629,.1672,.145,.156",
        "0.1900,32,.1891,.1831,.1688,.1658,.1697,.1736,.156,.164",
        "0.2500,20,.2489,.2408,.2164,.2127,.2175,.2224,.196,.207",
        "0.2500,28,.2490,.2425,.2258,.2225,.2268,.2311,.211,.220",
        "0.3125,18,.3113,.3026,.2752,.2712,.2764,.2817,.252,.265",
        "0.3125,24,.3114,.3042,.2843,.2806,.2854,.2902,.267,.277",
        "0.3750,16,.3737,.3643,.3331,.3287,.3344,.3401,.307,.321",
        "0.3750,24,.3739,.3667,.3468,.3430,.3479,.3528,.330,.340",
        "0.4375,14,.4361,.4258,.3897,.3850,.3911,.3972,.360,.376",
        "0.4375,20,.4362,.4281,.4037,.3995,.4050,.4104,.383,.395",
        "0.5000,13,.4985,.4876,.4485,.4435,.4500,.4565,.417,.434",
        "0.5000,20,.4987,.4906,.4662,.4619,.4675,.4731,.446,.457",
        "0.5625,12,.5609,.5495,.5068,.5016,.5084,.5152,.472,.490",
        "0.5625,18,.5611,.5524,.5250,.5205,.5264,.5323,.502,.515",
        "0.6250,11,.6234,.6113,.5644,.5589,.5660,.5732,.527,.546",
        "0.6250,18,.6236,.6149,.5875,.5828,.5889,.5949,.565,.578",
        "0.7500,10,.7482,.7353,.6832,.6773,.6850,.6927,.642,.663",
        "0.7500,16,.7485,.7391,.7079,.7029,.7094,.7159,.682,.696",
        "0.8750,9,.8731,.8592,.8009,.7946,.8028,.8110,.755,.778",
        "0.8750,14,.8734,.8631,.8270,.8216,.8286,.8356,.798,.814",
        "1.0000,8,.9980,.9830,.9168,.9100,.9188,.9276,.865,.890",
        "1.0000,12,.9982,.9868,.9441,.9382,.9459,.9535,.910,.928",
        "0.0730,64,.0724,.0686,.0623,.0603,.0629,.0655,.0561,.0623",
        "0.0730,72,.0724,.0689,.0634,.0615,.0640,.0665,.0580,.0635",
        "0.0860,56,.0854,.0813,.0738,.0717,.0744,.0772,.0667,.0737",
        "0.0860,64,.0854,.0816,.0753,.0733,.0759,.0786,.0691,.0753",
        "0.0990,48,.0983,.0938,.0848,.0825,.0855,.0885,.0764,.0845",
        "0.0990,56,.0983,.0942,.0867,.0845,.0874,.0902,.0797,.0865",
        "0.1120,48,.1113,.1068,.0978,.0954,.0985,.1016,.0894,.0968",
        "0.1250,40,.1242,.1191,.1080,.1054,.1088,.1121,.0979,.1062",
        "0.1250,44,.1243,.1195,.1095,.1070,.1102,.1134,.1004,.1079",
        "0.1640,36,.1632,.1577,.1452,.1424,.1460,.1496,.134,.142",
        "0.2160,24,.2150,.2078,.1879,.1845,.1889,.1933,.171,.181",
        "0.2160,28,.2150,.2085,.1918,.1886,.1928,.1970,.177,.186",
        "1.1250,7,1.1228,1.1064,1.0300,1.0228,1.0322,1.0416,.970,.998",
        "1.1250,12,1.1232,1.1118,1.0691,1.0631,1.0709,1.0787,1.035,1.053",
        "1.2500,7,1.2478,1.2314,1.1550,1.1476,1.1572,1.1668,1.095,1.123",
        "1.2500,12,1.2482,1.2368,1.1941,1.1879,1.1959,1.2039,1.160,1.178",
        "1.3750,6,1.3726,1.3544,1.2643,1.2563,1.2667,1.2771,1.195,1.225",
        "1.3750,12,1.3731,1.3617,1.3190,1.3127,1.3209,1.3291,1.285,1.303",
        "1.5000,6,1.4976,1.4794,1.3893,1.3812,1.3917,1.4022,1.320,1.350",
        "1.5000,12,1.4981,1.4867,1.4440,1.4376,1.4459,1.4542,1.410,1.428",
        "1.7500,5,1.7473,1.7268,1.6174,1.6085,1.6201,1.6317,1.534,1.568",
        "2.0000,4.5,1.9971,1.9751,1.8528,1.8433,1.8557,1.8681,1.759,1.795"
    })
    void limitsOfUnifiedThreads(ArgumentsAccessor row) {
        unified(row, "2A", "2B", row.getDouble(0));
    }

    /** The same, extra fine: their tolerance goes by nine pitches of engagement. */
    @ParameterizedTest
    @CsvSource({
        "0.2500,32,.2490,.2430,.2287,.2255,.2297,.2339,.216,.224",
        "0.3750,32,.3740,.3680,.3537,.3503,.3547,.3591,.341,.349",
        "0.5000,28,.4989,.4924,.4757,.4720,.4768,.4816,.461,.470",
        "0.6250,24,.6238,.6166,.5967,.5927,.5979,.6031,.580,.590",
        "0.7500,20,.7487,.7406,.7162,.7118,.7175,.7232,.696,.707",
        "0.9375,20,.9361,.9280,.9036,.8991,.9050,.9109,.883,.895",
        "1.0000,20,.9986,.9905,.9661,.9616,.9675,.9734,.946,.957"
    })
    void limitsOfExtraFineThreads(ArgumentsAccessor row) {
        unified(row, "2A", "2B", 9 / row.getDouble(1));
    }

    /** Classes 3A and 3B: no allowance, three quarters of the tolerance, minor diameters to four places. */
    @ParameterizedTest
    @CsvSource({
        "0.1900,32,.1900,.1840,.1697,.1674,.1697,.1726,.1560,.1641",
        "0.2500,20,.2500,.2419,.2175,.2147,.2175,.2211,.1960,.2067",
        "0.3750,16,.3750,.3656,.3344,.3311,.3344,.3387,.3070,.3182",
        "0.5000,13,.5000,.4891,.4500,.4463,.4500,.4548,.4170,.4284"
    })
    void limitsOfTheTightestClasses(ArgumentsAccessor row) {
        unified(row, "3A", "3B", row.getDouble(0));
    }

    /** A row of the tables: diameter, threads to the inch, then outside major and pitch, inside pitch and minor diameter, inches. */
    private static void unified(ArgumentsAccessor row, String outer, String inner, double engagement) {
        ThreadSize size = m(row.getDouble(0) * 25.4, 25.4 / row.getDouble(1));
        ThreadLimits outside = UnifiedThreadLimits.of(size, outer, engagement * 25.4);
        ThreadLimits inside = UnifiedThreadLimits.of(size, inner, engagement * 25.4);
        double[] got = {
            outside.majorHigh(),
            outside.majorLow(),
            outside.pitchHigh(),
            outside.pitchLow(),
            inside.pitchLow(),
            inside.pitchHigh(),
            inside.minorLow(),
            inside.minorHigh()
        };
        for (int i = 0; i < got.length; i++) {
            assertThat(got[i] / 25.4).as("column " + i).isCloseTo(row.getDouble(i + 2), within(1e-6));
        }
    }

    @Test
    void aClassOfTheOtherSideIsTold() {
        assertThat(ThreadClass.named("6H").orElseThrow().inside()).isTrue();
        assertThat(ThreadClass.named("5g6g").orElseThrow().inside()).isFalse();
        assertThat(ThreadClass.named("6x")).isEmpty();
        assertThat(ThreadClass.named("5g6H")).isEmpty();
        assertThat(UnifiedThreadLimits.named("2b")).contains("2B");
    }
}
