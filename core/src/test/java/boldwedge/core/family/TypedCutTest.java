package boldwedge.core.family;

import static org.assertj.core.api.Assertions.assertThat;

import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.planning.PlanRequest;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Lines as a machinist would type them; what each must become was written down before the grammar was. */
@Tag("written")
class TypedCutTest {
    private static final Map<String, String> SHOP = Map.of("id-long", "Long Bed", "id-pocket", "Bench Pocket");

    private static TypedCut read(String line) {
        return TypedCut.read(line, UnitSystem.METRIC, SHOP);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "bore 20 H7 45 deep tin bronze Long Bed | operation=bore boreFinished=20 boreTolerance=H7 boreDepth=45 material=bronze-tin lathe=id-long boreStart=19_mm",
                "bore 19 to 20H7, 45 deep, blind, cast iron | operation=bore boreStart=19 boreFinished=20 boreTolerance=H7 boreDepth=45 bottom=blind material=iron-grey",
                "turn 25 to 24 h6 over 50 in mild steel | operation=turn diameter=25 finished=24 tolerance=h6 length=50 material=steel-low-carbon stickOut=65_mm",
                "turn 24 ±0.01 60 long 80 out 303 Ra 0.8 with centre | operation=turn finished=24 tolerance=±0.01 length=60 stickOut=80 material=stainless-free finish=Ra_0.8 hold=chuck-and-centre diameter=25_mm",
                "shoulder 18 mm from 20 mm, 30 long, free-cutting brass, bench pocket | operation=shoulder finished=18_mm diameter=20_mm length=30 material=brass-free lathe=id-pocket stickOut=45_mm",
                "part off 30, bore 16, 20 pieces 8 long, aluminium | operation=part partDiameter=30 partBore=16 pieces=20 pieceLength=8 material=aluminium-wrought",
                "part 30 from bar, mild steel | operation=part partDiameter=30 material=steel-low-carbon",
                "part 30 from bar, 12 from the jaws, mild steel | operation=part partDiameter=30 partAt=12 material=steel-low-carbon",
                "part off 1 in bar 1/2 from the chuck | operation=part partDiameter=1_in partAt=1/2",
                "groove 40 to 36 3 wide bronze | operation=groove partDiameter=40 grooveBottom=36 grooveWidth=3 material=bronze-tin",
                "skim 1 3/8 in 4140 | operation=turn finished=1-3/8_in material=steel-alloy-annealed diameter=36_mm",
                "finish turn 12 h7 silver steel at 800 rpm | operation=turn finished=12 tolerance=h7 material=silver-steel speed=800 diameter=13_mm",
                "bore 50 H8 through 80 drilled 48 stainless between centres | operation=bore boreFinished=50 boreTolerance=H8 boreDepth=80 boreStart=48 material=stainless-austenitic barHeld=centres",
                "drill 9 mm 40 deep blind mild steel | operation=drill drillSize=9_mm drillDepth=40 drillBottom=blind material=steel-low-carbon",
                "drill and tap M8 20 deep aluminium | operation=drill holeFor=tap drillScrew=M8 drillDepth=20 material=aluminium-wrought",
                "drill clearance for M6 in cast iron 12 deep | operation=drill holeFor=clear drillScrew=M6 drillDepth=12 material=iron-grey",
                "ream 7.15 H8 22 deep tin bronze Long Bed | operation=ream reamSize=7.15 reamTolerance=H8 reamDepth=22 material=bronze-tin lathe=id-long",
                "ream 10 H7 blind 30 deep from 9.8 with a d-bit | operation=ream reamSize=10 reamTolerance=H7 drillBottom=blind reamDepth=30 reamFrom=9.8 reamerKind=d-bit",
                "counterbore for M6 socket head in aluminium 8 seats | operation=counterbore seatFor=M6_socket_head material=aluminium-wrought seats=8",
                "thread M36×1.5-6H inside 18 long tin bronze Long Bed | operation=thread thread=M36×1.5-6H threadSide=inside threadLength=18 material=bronze-tin lathe=id-long",
                "thread 7/16-20 outside 25 long mild steel at 180 rpm | operation=thread thread=7/16-20 threadSide=outside threadLength=25 material=steel-low-carbon threadSpeed=180",
                "screw cut Tr 20×4 left hand 60 long in brass | operation=thread thread=Tr_20×4 threadHand=left threadLength=60 material=brass-free",
                "thread 1/2-13 UNC-2A 25 long | operation=thread thread=1/2-13_UNC-2A threadLength=25",
                "skim 0.5 off a 40 mm shaft, 100 long, en8 | operation=turn diameter=40_mm finished=39.5_mm length=100 material=steel-medium-carbon stickOut=115_mm",
                "open a 12 hole to 14H7 in bronze 20 thick | operation=bore boreStart=12 boreFinished=14 boreTolerance=H7 boreDepth=20 material=bronze-tin",
                "ream 10 H7 in 25 thick mild steel plate | operation=ream reamSize=10 reamTolerance=H7 reamDepth=25 material=steel-low-carbon",
                "5/8 acme 8 tpi 4 long steel | operation=thread thread=5/8-8_acme threadLength=4 material=steel-low-carbon",
                "thread 1/2 13 tpi 1 long brass | operation=thread thread=1/2-13 threadLength=1 material=brass-free",
                "case harden 20 mm mild steel pin 0.8 deep | operation=harden steel=1018 section=20_mm caseDepth=0.8",
                "c'bore 1/4 socket head aluminium | operation=counterbore seatFor=1/4_socket_head material=aluminium-wrought",
                "spot face for M10 washer cast iron | operation=counterbore seatFor=10_mm_plain_washer material=iron-grey",
                "insert seat for a 55 degree insert on a 16 mm shank | operation=insert-holder seatInsert=insert-55-6 seatBody=shank seatHeight=16_mm seatWidth=16_mm",
                "turn down 2 inch 1018 to 1.875 for 4 inches | operation=turn diameter=2_inch finished=1.875_in length=4_inches material=steel-low-carbon stickOut=117_mm",
                "parting off 32 mm stainless with a 3 mm insert | operation=part partDiameter=32_mm blade=insert-3mm-blade material=stainless-austenitic",
                "counterbore 3/8 shcs, steel | operation=counterbore seatFor=3/8_socket_head material=steel-low-carbon",
                "o-ring groove 40 bore 3 cord | operation=ring-groove grooveFor=oring-bore grooveAround=40 ringCord=3",
                "relief groove for M20 | operation=ring-groove grooveFor=thread-relief grooveAround=20_mm reliefPitch=2.5_mm",
                "turn a 25.00 shaft to 24.98-24.97 | operation=turn diameter=25.00 finished=24.98 tolerance=+0/-0.01",
                "parting blade for 40 mm bar | operation=part partDiameter=40_mm",
                "tap drill for M5, brass, 10 blind | operation=drill holeFor=tap drillScrew=M5 material=brass-free drillBottom=blind drillDepth=10",
                "single point 20 tpi 1/2 inch, 316, 3/4 long | operation=thread thread=1/2-20 threadLength=3/4 material=stainless-austenitic",
                "part 40 od 34 id, 3 long, aluminium | operation=part partDiameter=40 partBore=34 pieceLength=3 material=aluminium-wrought",
                "groove 1/8 wide 1/16 deep in 1 inch, 6061 | operation=groove grooveWidth=1/8 material=aluminium-wrought partDiameter=1_inch grooveBottom=22.225_mm",
                "ream 8 H7 hardened 4140 at 30 HRC, 20 deep | operation=ream reamTolerance=H7 reamSize=8 reamDepth=20 material=steel-alloy-30hrc",
                "turn 40 hardened shaft 60 HRC to 39.9, 50 long | operation=turn finished=39.9 length=50 material=steel-60hrc diameter=40 stickOut=65_mm",
                "bore 2205 duplex 40 from 38, 50 deep | operation=bore boreStart=38 boreDepth=50 material=stainless-duplex boreFinished=40",
                "tap 1/2-13 class 30 iron, 1 deep | operation=drill drillDepth=1 holeFor=tap drillScrew=1/2-13 material=iron-grey",
                "groove 3 wide 2 deep in 40, 316 | operation=groove material=stainless-austenitic partDiameter=40 grooveWidth=3 grooveBottom=36_mm",
                "turn 20 to 19.8, 30 long, D2 at 58 HRC | operation=turn material=steel-60hrc diameter=20 finished=19.8 length=30 stickOut=45_mm",
                "bore 20 to 21, 30 deep, O1 50 HRC | operation=bore material=steel-50hrc boreStart=20 boreFinished=21 boreDepth=30",
                "thread 3/8-16 to a shoulder, 1/2 in long, 303 | operation=thread material=stainless-free thread=3/8-16 threadEnd=groove threadLength=1/2_in",
                "turn 16 to 12, 20 long, Inconel 718 | operation=turn material=nickel-alloy diameter=16 finished=12 length=20 stickOut=35_mm",
                "ream 10 H7, 20 deep, H13 | operation=ream material=tool-steel-air reamSize=10 reamTolerance=H7 reamDepth=20",
                "part 40, 4140 at 40 HRC | operation=part material=steel-alloy-40hrc partDiameter=40",
                "drill 10, 32 rc | operation=drill material=steel-alloy-30hrc drillSize=10",
                "harden O1, 12 thick, 60 long, 60 HRC | operation=harden steel=o1 section=12 heatLength=60 wantedHardness=60_HRC",
                "thread M24, 60 long, EN8, chuck and centre | operation=thread thread=M24 threadLength=60 threadHeld=chuck-and-centre material=steel-medium-carbon",
                "tap drill 10-32 | operation=drill holeFor=tap drillScrew=#10-32",
                "drill for M8x1 20 deep steel | operation=drill holeFor=tap drillScrew=M8x1 drillDepth=20 material=steel-low-carbon",
                "undercut at a shoulder 25 shaft radius 1 | operation=ring-groove grooveFor=undercut grooveAround=25 undercutRadius=1",
                "undercut 10 wide down to 22 on 30 | operation=ring-groove grooveFor=undercut grooveAround=30 grooveBottom=22 grooveWidth=10",
                "ø30h6 80lg EN8 | operation=turn finished=30 tolerance=h6 length=80 material=steel-medium-carbon diameter=31_mm stickOut=95_mm",
                "36 dia to 35.5, EN24T | operation=turn diameter=36 finished=35.5 material=steel-alloy-30hrc",
                "Tr 20x4 | operation=thread thread=Tr_20_x4",
                "M8x1.25 20 long | operation=thread thread=M8x1.25 threadLength=20",
                "open out 20 to 25, 30 deep | operation=bore boreStart=20 boreFinished=25 boreDepth=30",
                "face 80, brass, Ra 0.8 | operation=face diameter=80 material=brass-free finish=Ra_0.8",
                "face 60 to 20, mild steel | operation=face diameter=60 finished=20 material=steel-low-carbon",
                "drill for M5, 12 deep blind, aluminium | operation=drill holeFor=tap drillScrew=M5 drillDepth=12 drillBottom=blind material=aluminium-wrought",
                "harden W1, 20 mm section, 60 long | operation=harden steel=w1 section=20_mm heatLength=60",
                "harden D2 annealed, 30 thick, 100 long | operation=harden steel=d2 section=30 heatLength=100",
                "square block 40 x 30 x 80, mild steel | operation=square-block blockWide=40 blockHigh=30 blockLong=80 material=steel-low-carbon",
                "turn 3 h6 from 4, 12 long, brass | operation=turn finished=3 tolerance=h6 diameter=4 length=12 material=brass-free stickOut=16_mm",
                "bore 20 +.02 from 19, 30 deep, bronze | operation=bore boreFinished=20 boreTolerance=+.02 boreStart=19 boreDepth=30 material=bronze-tin",
                "drill 2, 40 deep, 316 stainless | operation=drill drillSize=2 drillDepth=40 material=stainless-austenitic",
                "counterbore for M12 cap head in cast iron | operation=counterbore seatFor=M12_socket_head material=iron-grey",
                "3/8-16 tapped blind 25 deep, 6061 | operation=drill holeFor=tap drillScrew=3/8-16 drillDepth=25 drillBottom=blind material=aluminium-wrought",
                "M20 inside, blind, 30 deep, 4140 | operation=thread thread=M20 threadSide=inside threadLength=30 threadEnd=groove material=steel-alloy-annealed",
                "acme 3/4-6 inside, 50 deep, bronze | operation=thread thread=acme_3/4-6 threadSide=inside threadLength=50 material=bronze-tin",
                "keyseat 8 in a 30 shaft, 40 long, EN8 | operation=shaft-keyway keyWidth=8 shaftDiameter=30 shapedLength=40 material=steel-medium-carbon",
                "case harden 1018 pin 12 dia 60 long 0.5 deep | operation=harden steel=1018 section=12 heatLength=60 caseDepth=0.5",
                "harden and temper silver steel 8 round 60 long | operation=harden steel=silver-steel section=8 heatLength=60",
                "bore a casting 50, cored 46, 80 long | operation=bore-casting castBore=50 holeWide=46 castLength=80",
                "bore 50 H7, cored 46, 80 deep, cast iron | operation=bore boreFinished=50 boreTolerance=H7 boreStart=46 boreDepth=80 material=iron-grey outOfRound=1.5_mm",
                "finish 39.98 0/-0.02 from 40.5, 80 long, en24 | operation=turn finished=39.98 tolerance=0/-0.02 diameter=40.5 length=80 material=steel-alloy-annealed stickOut=95_mm",
                "bore a 30 hole 42 deep to 32.01 in gunmetal | operation=bore boreStart=30 boreFinished=32.01 boreDepth=42 material=bronze-tin",
                "d-bit 8 in brass 40 deep | operation=ream reamSize=8 reamDepth=40 material=brass-free reamerKind=d-bit",
                "o-ring groove 2.62 in 40 bore | operation=ring-groove grooveFor=oring-bore grooveAround=40 ringCord=2.62",
                "turn a shoulder 30 to 20, 45 long | operation=shoulder finished=20 diameter=30 length=45 stickOut=60_mm",
                "turn 30 to 20 x 45 to a shoulder 1045 | operation=shoulder finished=20 diameter=30 length=45 material=steel-medium-carbon stickOut=60_mm",
                "face and turn 50 cast iron | operation=turn-and-face finished=50 material=iron-grey diameter=51_mm",
                "M12 internal thread 12 deep through cast iron | operation=thread thread=M12 threadSide=inside threadLength=12 threadEnd=open material=iron-grey",
                "Tr 16x4 nut bronze 30 long | operation=thread thread=Tr_16_x4 threadSide=inside threadLength=30 material=bronze-tin",
                "stud M12 to fit a nut 40 long | operation=thread thread=M12 threadSide=outside threadLength=40",
                "counterbore for M8 cap head | operation=counterbore seatFor=M8_socket_head",
                "o-ring groove 3.53 on 50 piston aluminium | operation=ring-groove grooveFor=oring-shaft grooveAround=50 ringCord=3.53 material=aluminium-wrought",
                "3 mm o-ring groove on 40 shaft | operation=ring-groove grooveFor=oring-shaft grooveAround=40 ringCord=3_mm",
                "plane flat 100 x 60 cast iron | operation=plane-face shapedLength=100 flatWidth=60 material=iron-grey",
                "insert seat triangle 9.525 in 12 square shank | operation=insert-holder seatInsert=insert-60-9 seatBody=shank seatHeight=12 seatWidth=12_mm",
                "boring bar 16 for 20 hole 60 deep | operation=bore barDiameter=16 boreFinished=20 boreDepth=60 boreStart=19_mm",
                "dial in 0.4 swing four jaw 6 pitch | operation=true-up trueSwing=0.4 jawPitch=6",
                "skim 2 off 40 ali, 60 long | operation=turn diameter=40 finished=38_mm material=aluminium-wrought length=60 stickOut=75_mm",
                "finish bore 40 +.02 -0, 50 deep, cast iron | operation=bore boreFinished=40 boreTolerance=+.02/-0 boreDepth=50 material=iron-grey boreStart=39_mm",
                "reamed hole 10mm, 25 deep, H7, brass | operation=ream reamSize=10mm reamDepth=25 reamTolerance=H7 material=brass-free",
                "30 dia x 2 pitch thread, external, 25 long, mild steel | operation=thread thread=30_x_2 threadSide=outside threadLength=25 material=steel-low-carbon",
                "bore 30 long, 25 H7, 316 | operation=bore boreDepth=30 boreFinished=25 boreTolerance=H7 material=stainless-austenitic boreStart=24_mm",
                "groove 3 wide in 25 shaft for circlip | operation=ring-groove grooveWidth=3 grooveAround=25 grooveFor=circlip-shaft",
                "internal circlip groove 40 bore | operation=ring-groove grooveFor=circlip-bore grooveAround=40",
                "two keyways 8 wide in 30 bore, 40 long | operation=keyway keyways=2 keyWidth=8 keyBore=30 keyLength=40",
                "part off 40 tube, 30 bore, 5 wide, 10 off | operation=part partDiameter=40 partBore=30 pieceLength=5 pieces=10",
                "facing cut 2 off 80 brass | operation=face diameter=80 length=2 material=brass-free stickOut=17_mm",
                "part 3 mm washers from 20 dia brass bar, 12 off | operation=part pieceLength=3_mm partDiameter=20 material=brass-free pieces=12",
                "tap drill for 1/4-20 | operation=drill holeFor=tap drillScrew=1/4-20",
                "1/4 clearance hole, 20 deep, steel | operation=drill drillSize=1/4 holeFor=clear drillDepth=20 material=steel-low-carbon",
                "cut M16 thread inside 25 deep in bronze | operation=thread thread=M16 threadSide=inside threadLength=25 material=bronze-tin",
                "trapezoidal 16x4, 100 long | operation=thread thread=Tr_16_x4 threadLength=100",
                "o-ring 2.5 cord on 24 piston | operation=ring-groove grooveFor=oring-shaft ringCord=2.5 grooveAround=24",
                "plane 50 wide 120 long cast iron | operation=plane-face flatWidth=50 shapedLength=120 material=iron-grey",
                "true 4-jaw swing 0.8 | operation=true-up trueSwing=0.8",
                "square 50x40x60 block | operation=square-block blockWide=50 blockHigh=40 blockLong=60",
                "boring bar bit for 25 hole 80 deep ali | operation=bore boreFinished=25 boreDepth=80 material=aluminium-wrought boreStart=24_mm",
                "bore blind 28 to 30, 35 deep, flat bottom | operation=bore boreStart=28 boreFinished=30 boreDepth=35 bottom=blind-faced",
                "turn 60 to 50, 80 long, S355 | operation=turn diameter=60 finished=50 length=80 material=steel-low-carbon stickOut=95_mm",
                "turn 3/4 stainless to .700 x 2 | operation=turn diameter=3/4 finished=.700_in length=2_in material=stainless-austenitic stickOut=66_mm",
                "take 0.5 off 30 dia, 100 long, C45 | operation=turn diameter=30 finished=29.5_mm length=100 material=steel-medium-carbon stickOut=115_mm",
                "drill and ream 8 H7 20 deep 4140 | operation=ream reamSize=8 reamTolerance=H7 reamDepth=20 material=steel-alloy-annealed",
                "counterbored M6 in ali | operation=counterbore seatFor=M6_socket_head material=aluminium-wrought",
                "whitworth 1/2 x 12, 25 long | operation=thread thread=1/2_BSW threadLength=25",
                "slot 4 wide in 12 bore, 25 long | operation=keyway keyWidth=4 keyBore=12 keyLength=25",
                "flycut 80 wide alum | operation=fly-cut flyWidth=80 material=aluminium-wrought",
                "line bore 30, 60 deep | operation=bore boreFinished=30 boreDepth=60 barHeld=centres boreStart=29_mm",
                "tap M6 12 deep | operation=drill holeFor=tap drillScrew=M6 drillDepth=12",
                "m10 tapping hole 20 deep ali | operation=drill holeFor=tap drillScrew=M10 drillDepth=20 material=aluminium-wrought",
                "cutoff 25 12 long EN1A | operation=part partDiameter=25 pieceLength=12 material=steel-free",
                "c'bore for M6 cap head | operation=counterbore seatFor=M6_socket_head",
                "boring bar for 20 hole | operation=bore boreFinished=20 boreStart=19_mm",
                "reamer 10 H7 thru | operation=ream reamSize=10 reamTolerance=H7 drillBottom=through",
                "turn 1-1/4 to 1.200 over 2-1/2 | operation=turn diameter=1-1/4 finished=1.200_in length=2-1/2 stickOut=78_mm",
                "S275 turn 40 to 38 x 100 | operation=turn diameter=40 finished=38 length=100 material=steel-low-carbon stickOut=115_mm",
                "M5 clearance 10 deep alu | operation=drill holeFor=clear drillScrew=M5 drillDepth=10 material=aluminium-wrought",
                "external thread M30x2 40 long | operation=thread threadSide=outside thread=M30x2 threadLength=40",
                "drill 3 holes 5 mm 12 deep | operation=drill drillHoles=3 drillSize=5_mm drillDepth=12",
                "part 40 tube 30 bore 8 long | operation=part partDiameter=40 partBore=30 pieceLength=8",
                "turn 60→58, 12L14 | operation=turn diameter=60 finished=58 material=steel-free",
                "keyway 6 in 22 bore, 40 long, mild steel | operation=keyway keyWidth=6 keyBore=22 keyLength=40 material=steel-low-carbon",
                "cut a keyway 40 long in a 22 bore, brass, by shaper | operation=keyway keyBore=22 keyLength=40 material=brass-free keyDrive=shaper",
                "shave 30 round, 60 long, mild steel | operation=shear finished=30 length=60 material=steel-low-carbon stickOut=75_mm",
                "shear tool copper dia 20, 40 long, between centres | operation=shear finished=20 length=40 material=copper hold=between-centres stickOut=55_mm",
                "circlip groove in a 25 bore, brass | operation=ring-groove grooveFor=circlip-bore grooveAround=25 material=brass-free",
                "circlip groove on 30 shaft, mild steel | operation=ring-groove grooveAround=30 material=steel-low-carbon",
                "o-ring groove in a face 44 across, 3.53 mm cord, aluminium | operation=ring-groove grooveFor=oring-face grooveAround=44 ringCord=3.53_mm material=aluminium-wrought",
                "fly cut 50 wide, 80 long, aluminium | operation=fly-cut flyWidth=50 flyLength=80 material=aluminium-wrought",
                "keyway in a shaft of 30, 40 long, mild steel | operation=shaft-keyway shaftDiameter=30 shapedLength=40 material=steel-low-carbon",
                "plane a flat 12 wide on a 25 shaft, 40 long, brass | operation=plane-flat flatWidth=12 shaftDiameter=25 shapedLength=40 material=brass-free",
                "plane a face 60 wide, 100 long, 2 off, cast iron | operation=plane-face flatWidth=60 shapedLength=100 shapedDepth=2 material=iron-grey",
                "keyway 8 mm wide 3 keyways bore 30 25 long blind cast iron | operation=keyway keyWidth=8_mm keyways=3 keyBore=30 keyLength=25 keyEnd=blind material=iron-grey",
                "key 1/4 in wide in 1 in bore 1-1/2 long | operation=keyway keyWidth=1/4_in keyBore=1_in keyLength=1-1/2",
                "harden o1 12 thick 120 long in foil | operation=harden steel=o1 section=12 heatLength=120 wrap=foil",
                "harden 2 pieces of silver steel 10 round 80 long to 60 HRC | operation=harden heatPieces=2 steel=silver-steel section=10 heatLength=80 wantedHardness=60_HRC"
            })
    void isReadAsItIsSaid(String line, String wanted) {
        Map<String, String> fields = read(line).fields();
        for (String pair : wanted.strip().split(" ")) {
            String[] parts = pair.split("=");
            assertThat(fields).as(line).containsEntry(parts[0], parts[1].replace('_', ' '));
        }
        assertThat(fields).as(line).hasSize(wanted.strip().split(" ").length);
        assertThat(read(line).left()).as(line).isEmpty();
    }

    /** What another operation of the family would ask for is not swallowed. */
    @Test
    void whatTheOperationDoesNotAskForIsNotUnderstood() {
        assertThat(read("true 50 bar in 4 jaw 0.3 out").left()).containsExactly("50");
        assertThat(read("bore block 25 H7 60 long cast iron").left()).contains("25");
    }

    @Test
    void whatIsNotUnderstoodIsSaid() {
        assertThat(read("turn 60 to 50 in 3 passes").fields()).containsEntry("finished", "50");
        assertThat(read("ball turn 20").fields()).isEmpty();
        TypedCut cut = read("turn 24 h6 unobtainium 60 long quickly");
        assertThat(cut.left()).containsExactly("unobtainium", "quickly");
        assertThat(cut.fields()).containsEntry("finished", "24").containsEntry("length", "60");
        assertThat(cut.fields()).doesNotContainKey("material");
        assertThat(cut.understood()).anySatisfy(part -> {
            assertThat(part.words()).isEqualTo("h6");
            assertThat(part.label()).isEqualTo("Tolerance");
        });
        // What was not said is told apart from what was.
        assertThat(cut.assumed()).extracting(TypedCut.Understood::label).contains("Diameter to start");
    }

    /** What other numbers are written in holds for those that say nothing; what was written stays as it is, and it is told. */
    @Test
    void oneLineSpeaksOneSystem() {
        TypedCut mixed = read("turn 1-1/4 to 1.200 over 2-1/2");
        assertThat(mixed.assumed()).extracting(TypedCut.Understood::text).contains("inches, as the others");
        TypedCut inch = TypedCut.read("turn 25 mm to 24.2 over 50", UnitSystem.INCH, SHOP);
        assertThat(inch.fields()).containsEntry("finished", "24.2 mm").containsEntry("length", "50 mm");
        // Both are written: what is bare is the shop's.
        assertThat(read("turn 1 in to 25 mm over 50").fields()).containsEntry("length", "50");
        assertThat(TypedCut.read("turn 1 to .95, 1 ft long", UnitSystem.INCH, SHOP)
                        .fields())
                .containsEntry("length", "1 ft");
        assertThat(TypedCut.read("drill #7 1 deep 1018", UnitSystem.INCH, SHOP).fields())
                .containsEntry("drillSize", "#7")
                .containsEntry("drillDepth", "1");
        // A thread's size is its name.
        assertThat(read("thread 3/8 BSW 25 long").fields()).containsEntry("threadLength", "25");
    }

    /** Nothing opens as turning for want of a better: what is open is asked about, what is not done here is said. */
    @Test
    void whatIsOpenIsAskedAbout() {
        TypedCut open = read("20 brass 30 long");
        assertThat(open.fields()).isEmpty();
        assertThat(open.meant()).hasSizeBetween(2, 3);
        assertThat(open.meant()).allSatisfy(way -> assertThat(way.fields()).containsKey("operation"));
        assertThat(open.meant()).extracting(TypedCut.Meant::words).contains("turn");
        for (String line : new String[] {
            "knurl 20 brass",
            "chamfer 2x45",
            "broach a 10 mm square",
            "turn a taper 20 to 18 over 50",
            "bore taper 20 to 22"
        }) {
            assertThat(read(line).fields()).as(line).isEmpty();
            assertThat(read(line).meant()).as(line).isEmpty();
            assertThat(read(line).left()).as(line).isNotEmpty();
        }
    }

    @Test
    void sizesInTheWrongOrderAreAskedAbout() {
        TypedCut bored = read("bore 20 from 25, 30 deep");
        assertThat(bored.meant()).hasSize(1);
        assertThat(bored.meant().getFirst().words()).isEqualTo("from 20 to 25");
        assertThat(bored.meant().getFirst().fields())
                .containsEntry("boreStart", "20")
                .containsEntry("boreFinished", "25")
                .containsEntry("boreDepth", "30");
        assertThat(read("bore 25 from 20, 30 deep").meant()).isEmpty();
        assertThat(read("turn 24 to 25, 30 long").meant())
                .extracting(TypedCut.Meant::words)
                .containsExactly("from 25 to 24");
    }

    @Test
    void inchesMeanInchesInAnInchShop() {
        TypedCut cut = TypedCut.read("turn 1 to .950 over 2 brass", UnitSystem.INCH, SHOP);
        assertThat(cut.fields())
                .containsEntry("diameter", "1")
                .containsEntry("finished", ".950")
                .containsEntry("length", "2")
                .containsEntry("stickOut", "2.5 in");
    }

    /** Nothing, noise and nonsense give a cut that opens, and never a fault. */
    @ParameterizedTest
    @CsvSource({
        "''",
        "to",
        "to to to",
        "24",
        "of the and",
        "H7",
        "bore",
        "±",
        "1/0 turn",
        "999999999999 deep",
        "- , ; :"
    })
    void anythingMayBeTyped(String line) {
        TypedCut cut = read(line);
        PlanRequest request = new PlanRequest(cut.fields(), UnitSystem.METRIC, Optional.empty());
        assertThat(Planner.plan(request).fields()).isNotEmpty();
    }

    /** A family without a way of speaking still knows its operation. */
    @Test
    void aFamilyWithoutWordsIsFilledIn() {
        TypedCut cut = read("scribe 20");
        assertThat(Families.of(cut.fields()).id()).isEqualTo("scribing");
        assertThat(cut.left()).containsExactly("20");
    }
}
